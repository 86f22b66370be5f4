import type { CallRecord } from '@proper-swing/contract';
import { placeHinges, tryOut, type HingeName, type Plan, type Setting, type StationId } from '@proper-swing/core';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { DoorDrawing, type GapLabel } from '../../drawing/DoorDrawing';
import { VERDICT_WORDS } from '../../drawing/marks';
import { engineDoor } from '../call/observed';
import type { LengthWords } from '../call/lengthWords';
import { hingeWords } from './planWords';
import { SettingRow } from './SettingRow';

export interface WhatIfProps {
  record: CallRecord;
  plan: Plan;
  words: LengthWords;
  width: number;
  height: number;
}

/** One layer of card, and half of one: what can be set by hand, mm. */
const STEP_MM = 0.5;

/** Tries a setting on the drawing before anything is touched: every gap moves, and what breaks its limits is marked. */
export function WhatIf({ record, plan, words, width, height }: WhatIfProps) {
  const door = useMemo(() => engineDoor(record.door), [record.door]);
  const hinges = useMemo(() => placeHinges(door), [door]);
  const [shifts, setShifts] = useState<Partial<Record<HingeName, number>>>({});
  const [lowerMm, setLower] = useState(0);
  const [planeTop, setPlaneTop] = useState(0);
  const [planeFoot, setPlaneFoot] = useState(0);
  const before = useMemo(() => new Map<StationId, number>(plan.gaps.map((gap) => [gap.station, gap.beforeMm])), [plan]);
  const setting: Setting = {
    hinges: hinges.map(({ name }) => ({ hinge: name, mm: shifts[name] ?? 0 })),
    lowerMm,
    planed: planeTop > 0 || planeFoot > 0 ? [{ edge: 'latch', fromMm: planeTop, toMm: planeFoot }] : [],
  };
  const tried = tryOut(door, before, setting);
  const labels = new Map<StationId, GapLabel>(
    tried.gaps.map(({ station: id, beforeMm, afterMm, verdict }) => [
      id,
      {
        main: afterMm <= 0 ? 'rubs' : words.bare(afterMm),
        sub: Math.abs(afterMm - beforeMm) < 0.05 ? undefined : `was ${words.bare(Math.max(0, beforeMm))}`,
        isPencil: false,
        verdict,
        spoken: `would be ${words.withUnit(Math.max(0, afterMm))}, ${VERDICT_WORDS[verdict]}`,
      },
    ]),
  );
  const isMoved = Object.values(shifts).some((mm) => mm !== 0) || lowerMm !== 0 || setting.planed.length > 0;
  const outside = tried.gaps.filter(({ verdict }) => verdict !== 'right').length + tried.uneven.length;
  const clear = () => {
    setShifts({});
    setLower(0);
    setPlaneTop(0);
    setPlaneFoot(0);
  };
  const bySteps = (mm: number) => `${mm > 0 ? '+' : mm < 0 ? '−' : ''}${words.withUnit(Math.abs(mm))}`;
  return (
    <Section
      title="What if"
      aside={
        isMoved && (
          <Press kind="quiet" onPress={clear}>
            Back to as it is
          </Press>
        )
      }
    >
      <View style={styles.drawing}>
        <DoorDrawing
          width={width}
          height={height}
          hingesOn={record.door.hingesOn}
          slabHeightMm={record.door.slabHeightMm}
          hingeHeightsMm={record.door.hingeHeightsMm}
          gapsMm={before}
          {...(isMoved && { afterMm: new Map(tried.gaps.map((gap) => [gap.station, gap.afterMm])) })}
          labels={labels}
          unit={words.unit}
        />
      </View>
      <Words kind="strong" testID="what-if-verdict">
        {outside === 0 ? 'Everything inside its limits.' : `${outside} outside or uneven.`}
      </Words>
      {hinges.map(({ name }) => (
        <SettingRow
          key={name}
          title={hingeWords(name)}
          value={bySteps(shifts[name] ?? 0)}
          hint="toward the latch +"
          onStep={(by) => setShifts({ ...shifts, [name]: (shifts[name] ?? 0) + by * STEP_MM })}
          testID={`what-if-${name}`}
        />
      ))}
      <SettingRow
        title="let down"
        value={bySteps(lowerMm)}
        hint="whole slab, down +"
        onStep={(by) => setLower(lowerMm + by * STEP_MM)}
        testID="what-if-lower"
      />
      <SettingRow
        title="plane latch edge, top"
        value={words.withUnit(planeTop)}
        hint="timber off"
        onStep={(by) => setPlaneTop(Math.max(0, planeTop + by * STEP_MM))}
        testID="what-if-plane-top"
      />
      <SettingRow
        title="plane latch edge, foot"
        value={words.withUnit(planeFoot)}
        hint="timber off"
        onStep={(by) => setPlaneFoot(Math.max(0, planeFoot + by * STEP_MM))}
        testID="what-if-plane-foot"
      />
      {tried.misfit.map(({ hinge, mm }) => (
        <Words
          key={hinge}
          tone="tight"
        >{`The ${hingeWords(hinge)} would be ${words.withUnit(Math.abs(mm))} off the line of the others: it binds.`}</Words>
      ))}
    </Section>
  );
}

const styles = StyleSheet.create({ drawing: { alignItems: 'center', paddingVertical: SPACE.s } });
