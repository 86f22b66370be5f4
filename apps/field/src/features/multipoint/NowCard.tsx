import { CAUTIONS, DomainError, HANDLE_EFFORTS, parseLength, type HingeScrewId } from '@proper-swing/core';
import type { HandleFeel, NextTurns, SessionGaps } from '@proper-swing/core/sheets';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePreferences } from '../../data/preferences';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { runChecked } from '../../workers/engine';
import type { LengthWords } from '../call/lengthWords';
import { camWords, GAP_WORDS, turnWords } from './gapWords';
import { handleFrom } from './sessionSettings';
import type { SessionStore, TypedGap } from './sessionStore';

export interface NowCardProps {
  store: SessionStore;
  next: NextTurns;
  words: LengthWords;
  onDone?: () => void;
}

const PHASE_WORDS: Readonly<Record<NextTurns['phase'], string>> = {
  read: 'Read',
  height: 'Height',
  sideways: 'Sideways',
  pressure: 'Pressure',
  keeps: 'Keeps',
  done: 'In order',
  outOfTravel: 'Out of travel',
};

/** The one thing to do now: gaps to read, screws to turn, or a cam; each with the button that logs it. */
export function NowCard({ store, next, words, onDone }: NowCardProps) {
  const palette = usePalette();
  const { phase, says, turns, read, cam, handle, warnings } = next;
  return (
    <View style={[styles.card, { borderColor: palette.accent }]} testID="now">
      <Words kind="title" heading={2} testID="phase">
        {PHASE_WORDS[phase]}
      </Words>
      <Words>{says}</Words>
      {warnings.map((line) => (
        <Slip key={line} label="Look at this">
          <Words>{line}</Words>
        </Slip>
      ))}
      {phase === 'read' && <ReadGaps keys={read} store={store} words={words} />}
      {turns.length > 0 && <TurnScrews turns={turns} store={store} words={words} />}
      {phase === 'keeps' && handle.now === undefined && <HandleAsFound store={store} />}
      {cam !== undefined && <TurnCam cam={cam} store={store} words={words} />}
      {phase === 'pressure' && <Seal store={store} />}
      {handle.before !== undefined && handle.now !== undefined && store.session.keepGoes.length > 0 && (
        <Words tone="pencil" testID="handle-change">{`Handle before: ${feelWords(handle.before)}. Now: ${feelWords(handle.now)}.`}</Words>
      )}
      {phase === 'done' && onDone && (
        <Press kind="primary" onPress={onDone} testID="session-done">
          Measure it as left
        </Press>
      )}
    </View>
  );
}

function ReadGaps({ keys, store, words }: { keys: readonly (keyof SessionGaps)[]; store: SessionStore; words: LengthWords }) {
  const { units } = usePreferences();
  const [typed, setTyped] = useState<Partial<Record<keyof SessionGaps, string>>>({});
  const [errors, setErrors] = useState<Partial<Record<keyof SessionGaps, string>>>({});
  const write = () => {
    const found: Partial<Record<keyof SessionGaps, string>> = {};
    const gaps = keys.flatMap((key): TypedGap[] => {
      try {
        const { mm } = parseLength(typed[key] ?? '', { defaultUnit: units, field: key });
        return [{ key, mm, typed: `${typed[key] ?? ''} ${units}` }];
      } catch (error) {
        if (!(error instanceof DomainError)) throw error;
        found[key] = (typed[key] ?? '') === '' ? 'Read this gap; 0 where it rubs.' : error.message;
        return [];
      }
    });
    setErrors(found);
    if (Object.keys(found).length === 0) store.writeGaps(gaps);
  };
  return (
    <>
      <View style={styles.fields}>
        {keys.map((key) => (
          <View key={key} style={styles.field}>
            <Field
              label={`${GAP_WORDS[key]}, ${words.unit}`}
              value={typed[key] ?? ''}
              onChange={(text) => setTyped({ ...typed, [key]: text })}
              error={errors[key]}
              testID={`gap-${key}`}
            />
          </View>
        ))}
      </View>
      <Press kind="primary" onPress={write} testID="write-gaps">
        Write these gaps
      </Press>
    </>
  );
}

const QUARTER = 0.25;

function TurnScrews({ turns, store, words }: { turns: NextTurns['turns']; store: SessionStore; words: LengthWords }) {
  const [done, setDone] = useState<Partial<Record<HingeScrewId, number>>>(() =>
    Object.fromEntries(turns.map(({ screw, turns: n }) => [screw, n])),
  );
  const [refused, setRefused] = useState<string>();
  const isHeight = turns.some(({ screw }) => screw === 'height');
  const log = async () => {
    const answer = await runChecked('multipoint.check', { ...store.session, turns: done });
    if (answer.ok) store.logTurns(done);
    else setRefused(answer.errors.map(({ message }) => message).join(' '));
  };
  const by = (screw: HingeScrewId, change: number) => {
    setRefused(undefined);
    setDone({ ...done, [screw]: (done[screw] ?? 0) + change });
  };
  return (
    <>
      {turns.map(({ screw, title, way, mm, leftTurns }) => (
        <View key={screw} style={styles.screw} testID={`turn-${screw}`}>
          <View style={styles.words}>
            <Words kind="label" tone="pencil">
              {title}
            </Words>
            <Words kind="title">{turnWords(done[screw] ?? 0)}</Words>
            <Words>{`${way}${moveWords(mm, words)}, then ${turnWords(leftTurns)} left`}</Words>
          </View>
          <Press
            kind="key"
            label={`${title}: a quarter less toward ${way}`}
            onPress={() => by(screw, -QUARTER * Math.sign(mm || 1))}
            testID={`less-${screw}`}
          >
            −
          </Press>
          <Press
            kind="key"
            label={`${title}: a quarter more toward ${way}`}
            onPress={() => by(screw, QUARTER * Math.sign(mm || 1))}
            testID={`more-${screw}`}
          >
            +
          </Press>
        </View>
      ))}
      <Slip label="Take care">
        <Words>{isHeight ? CAUTIONS.support : CAUTIONS.pinch}</Words>
        <Words>Loosen locking screws first. A screw that comes up hard is at its end: do not force it.</Words>
      </Slip>
      {refused !== undefined && (
        <Words tone="tight" testID="refused">
          {refused}
        </Words>
      )}
      <Press kind="primary" onPress={() => void log()} testID="log-turns">
        Done: log these turns
      </Press>
    </>
  );
}

/** What a turn moves, unless it is finer than this person's lengths are written. */
function moveWords(mm: number, { bare, withUnit }: LengthWords): string {
  return bare(Math.abs(mm)) === '0' ? '' : `: ${withUnit(Math.abs(mm))}`;
}

function TurnCam({ cam, store, words }: { cam: NonNullable<NextTurns['cam']>; store: SessionStore; words: LengthWords }) {
  const way = Math.sign(cam.quarters);
  const [quarters, setQuarters] = useState(Math.abs(cam.quarters));
  const [effort, setEffort] = useState('');
  const [bounces, setBounces] = useState('');
  const [refused, setRefused] = useState<string>();
  const log = async () => {
    const handle = handleFrom(effort, bounces);
    if (handle === undefined) {
      setRefused('Shut the door and try the handle first: how does it go, and does the door bounce?');
      return;
    }
    const answer = await runChecked('multipoint.check', { ...store.session, go: { keep: cam.keep, quarters: way * quarters } });
    if (answer.ok) store.logKeep(cam.keep, way * quarters, handle);
    else setRefused(answer.errors.map(({ message }) => message).join(' '));
  };
  const set = (to: number) => {
    setRefused(undefined);
    setQuarters(to);
  };
  return (
    <>
      <View style={styles.screw}>
        <View style={styles.words}>
          <Words kind="title" testID="cam">{`${camWords(quarters)} ${cam.way}`}</Words>
          <Words tone="pencil">{`${quarters === Math.abs(cam.quarters) ? `Moves the keep ${words.withUnit(Math.abs(cam.mm))}. ` : ''}Counted from where the cam stood as found: look at its mark first.`}</Words>
        </View>
        <Press kind="key" label="Less of the cam" onPress={() => set(Math.max(0.5, quarters - 0.5))} testID="cam-less">
          −
        </Press>
        <Press kind="key" label="More of the cam" onPress={() => set(quarters + 0.5)} testID="cam-more">
          +
        </Press>
      </View>
      <HandleFeelFields effort={effort} bounces={bounces} onEffort={setEffort} onBounces={setBounces} />
      <Slip label="Take care">
        <Words>{CAUTIONS.security}</Words>
      </Slip>
      {refused !== undefined && (
        <Words tone="tight" testID="refused">
          {refused}
        </Words>
      )}
      <Press kind="primary" onPress={() => void log()} testID="log-cam">
        Tried: log this turn
      </Press>
    </>
  );
}

function HandleAsFound({ store }: { store: SessionStore }) {
  const { settings, setSettings } = store;
  return (
    <HandleFeelFields
      effort={settings['handle.effort'] ?? ''}
      bounces={settings['handle.bounces'] ?? ''}
      onEffort={(effort) => setSettings({ 'handle.effort': effort })}
      onBounces={(bounces) => setSettings({ 'handle.bounces': bounces })}
    />
  );
}

interface HandleFieldsProps {
  effort: string;
  bounces: string;
  onEffort: (effort: string) => void;
  onBounces: (bounces: string) => void;
}

function HandleFeelFields({ effort, bounces, onEffort, onBounces }: HandleFieldsProps) {
  return (
    <>
      <Words kind="label">Door shut, the handle goes</Words>
      <Choice label="The handle goes" options={EFFORTS} chosen={effort} onChoose={onEffort} testID="effort" />
      <Words kind="label">Pulled at the middle, the shut door</Words>
      <Choice label="The shut door" options={BOUNCES} chosen={bounces} onChoose={onBounces} testID="bounces" />
    </>
  );
}

function Seal({ store }: { store: SessionStore }) {
  const last = store.session.goes.at(-1);
  if (last?.turns.pressure === undefined || last.seal !== undefined) return null;
  return (
    <>
      <Words kind="label">Now the hinge side lies on its seal</Words>
      <Choice label="Hinge side on its seal" options={SEALS} chosen={undefined} onChoose={store.logSeal} testID="seal" />
    </>
  );
}

const EFFORTS = HANDLE_EFFORTS.map(({ effort, title }) => ({ id: String(effort), label: title }));
const BOUNCES = [
  { id: 'yes', label: 'Bounces' },
  { id: 'no', label: 'Stands firm' },
] as const;
export const SEALS = [
  { id: 'loose', label: 'Loose' },
  { id: 'even', label: 'Even' },
  { id: 'hard', label: 'Too hard' },
] as const;

export function feelWords({ effort, bounces }: HandleFeel): string {
  const title = HANDLE_EFFORTS.find((each) => each.effort === effort)?.title.toLowerCase() ?? '';
  return bounces ? `${title}, bounces` : title;
}

const styles = StyleSheet.create({
  card: { borderLeftWidth: LINE.bold * 2, paddingLeft: SPACE.m, gap: SPACE.m },
  fields: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: SPACE.m },
  field: { flexBasis: '45%', flexGrow: 1, minWidth: 120, maxWidth: '48.5%' },
  screw: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  words: { flex: 1, minWidth: 0 },
});
