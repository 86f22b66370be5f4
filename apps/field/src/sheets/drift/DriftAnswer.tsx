import { CAUTIONS } from '@proper-swing/core';
import type { Drift, DriftedDoor } from '@proper-swing/core/sheets';
import { StyleSheet, View } from 'react-native';
import { Folded } from '../../design/Folded';
import { Section, Slip } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { TorquePlot } from './TorquePlot';
import { AccessNote } from '../AccessNote';
import { driftSays, leanWords } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

const TREND_WORDS: Readonly<Record<Drift['halfOpen']['trend'], string>> = {
  none: '',
  gathers: 'It gathers speed on the way.',
  slows: 'It slows on the way.',
  steady: 'It keeps about one speed.',
};

/** What the door does and why, torque against friction over the swing, and both cures side by side. */
export function DriftAnswer({ result, words, width }: AnswerProps<Drift, DriftedDoor>) {
  const { lean, friction, halfOpen, cures, unsure, mostTorqueNm } = result;
  const isWide = width > 560;
  const fastest = Math.max(0, ...halfOpen.speeds.map(({ mmPerS }) => mmPerS));
  return (
    <>
      <Headline tone={halfOpen.moves === 'stays' ? 'right' : 'tight'}>{driftSays(result, words)}</Headline>
      <AnswerLine label="Lean of the hinge line, top" figure={leanWords(lean.acrossMm, words)} testID="drift-lean" />
      <AnswerLine label="The lean is known to" figure={`±${words.withUnit(lean.sdMm)}`} />
      {halfOpen.trend !== 'none' && (
        <Words>{`${TREND_WORDS[halfOpen.trend]} The latch edge reaches ${words.withUnit(fastest)} a second.`}</Words>
      )}
      {unsure.map((line) => (
        <Words key={line} tone="pencil">
          {line}
        </Words>
      ))}
      <View style={isWide ? styles.wide : styles.narrow}>
        <View style={isWide && styles.half}>
          <Section title="By friction: bend a pin">
            <FrictionWay cure={cures.friction} words={words} />
          </Section>
        </View>
        <View style={isWide && styles.half}>
          <Section title="By geometry: throw a hinge">
            <GeometryWay cures={cures} words={words} />
          </Section>
        </View>
      </View>
      <Folded title="Why" testID="why">
        <AnswerLine label="Gravity, at most" figure={`${mostTorqueNm.toFixed(2)} N·m`} testID="gravity" />
        <AnswerLine label="Friction of the hinges" figure={`${friction.meanNm.toFixed(2)} ±${friction.sdNm.toFixed(2)} N·m`} />
        {cures.friction.pins[0] && <AnswerLine label="A bent pin adds about" figure={`${cures.friction.pins[0].addsNm.toFixed(2)} N·m`} />}
        <TorquePlot drift={result} width={width} />
        <AccessNote ids={['openingForce', 'closerTime', 'springTime']} />
      </Folded>
      <Slip label="Take care">
        <Words>{CAUTIONS.support}</Words>
        <Words>A fire door, or one with a closer, must shut by itself: do not add friction.</Words>
      </Slip>
    </>
  );
}

type Way<Cure> = { words: AnswerProps<Drift>['words'] } & Cure;

function FrictionWay({ cure: { pins, holds, leavesLeanMm }, words }: Way<{ cure: Drift['cures']['friction'] }>) {
  if (pins.length === 0) return <Words>The friction there is holds it: no pin to bend.</Words>;
  return (
    <>
      {pins.map(({ hinge, bendMm }) => (
        <AnswerLine
          key={hinge}
          label={`${hinge === 'top' ? 'Top pin first' : 'Then the bottom pin'}: bend by about`}
          figure={words.withUnit(bendMm)}
          testID={`bend-${hinge}`}
        />
      ))}
      <Words tone="pencil">Door closed, one pin at a time, over a block.</Words>
      <Words>{holds ? 'Holds it anywhere.' : 'Bent pins alone will not hold it: throw a hinge.'}</Words>
      <Words tone="pencil">{`Quick; the lean of ${words.withUnit(Math.abs(leavesLeanMm))} stays, and friction wears off.`}</Words>
    </>
  );
}

function GeometryWay({ cures: { geometry, leastThrowMm }, words }: Way<{ cures: Drift['cures'] }>) {
  const [best, other] = geometry;
  if (best === undefined || best.mm < 0.2) return <Words>The hinge line is plumb across the wall: nothing to throw.</Words>;
  return (
    <>
      <AnswerLine
        label={`${best.hinge === 'top' ? 'Top' : 'Bottom'} hinge, toward the ${best.toward}`}
        figure={words.withUnit(best.mm)}
        testID="throw"
      />
      <AnswerLine label="Friction holds it from" figure={words.withUnit(leastThrowMm)} />
      <AnswerLine
        label="Stop, top of latch side, then"
        figure={words.withUnit(best.stopTopMm)}
        tone={best.stopTopMm < 0 ? 'tight' : 'ink'}
      />
      <AnswerLine label="Stop, foot, then" figure={words.withUnit(best.stopBottomMm)} tone={best.stopBottomMm < 0 ? 'tight' : 'ink'} />
      <AnswerLine
        label="Latch against its strike"
        figure={`${words.withUnit(Math.abs(best.latchMm))} ${best.latchMm >= 0 ? 'off the stop' : 'onto the stop'}`}
      />
      <Words>{best.holds ? 'Then it stays anywhere.' : 'A lean along the wall still moves it: set the hinge leg plumb too.'}</Words>
      {other && (
        <Words tone="pencil">{`Or the ${other.hinge} hinge ${words.withUnit(other.mm)} toward the ${other.toward}. Lasts; move stop and strike with it.`}</Words>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  half: { flex: 1, minWidth: 0 },
});
