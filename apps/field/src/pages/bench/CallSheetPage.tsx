import type { CallRecord, Worksheet } from '@proper-swing/contract';
import { action } from '@proper-swing/core/doors';
import { router, useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { Stepper } from '../../design/Stepper';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useEstimate } from '../../engine/useEngine';
import { CallFrame } from '../../call/CallFrame';
import { isFitting, stagesOf } from '../../call/stages';
import { useLengthWords, type LengthWords } from '../../design/lengthWords';
import { modelFor } from '../../record/door';
import { observedNow, placeOf, uncheckedWork } from '../../record/observed';
import { logWork } from '../../record/writeAdjustment';
import { lastWorksheet } from '../../record/lastWorksheet';
import { prefill } from '../../sheets/prefill';
import { SheetBody } from './SheetBody';
import type { BenchSheet, SheetWork } from '../../sheets/benchSheet';
import { sheetAt } from '../../sheets/register';
import { usualTyped } from '../../sheets/typedSheet';
import { BookReturn } from './BookReturn';
import { keepSheet, sameTyped, tickedIn, typedOf } from './keptSheet';
import { useTicks } from './useTicks';
import { useSheet, type SheetState } from './useSheet';

/** A sheet inside a call: filled from its readings, kept with it, its work logged. */
export function CallSheetPage() {
  const { name } = useLocalSearchParams<{ name: string }>();
  const sheet = sheetAt(name);
  return (
    <CallFrame stage="fix" path={`/sheet/${name}`} footer={(record) => <NextStage record={record} path={`/sheet/${name}`} />}>
      {(record) => (sheet ? <InCall key={sheet.name} record={record} sheet={sheet} /> : <Words>There is no such sheet.</Words>)}
    </CallFrame>
  );
}

function InCall({ record, sheet }: { record: CallRecord; sheet: BenchSheet }) {
  const words = useLengthWords();
  const observed = useMemo(() => observedNow(record), [record]);
  const estimate = useEstimate(observed);
  const kept = lastWorksheet(record, sheet.name);
  const { typed: known, origin } = useMemo(() => prefill(sheet, record, estimate, words.bare), [sheet, record, estimate, words]);
  const [startsOver, setStartsOver] = useState(false);
  const first = useMemo(
    () => ({ ...usualTyped(sheet, words.bare), ...known, ...(kept && (startsOver ? tickedIn(kept) : typedOf(sheet, kept, words.unit))) }),
    [sheet, words, known, kept, startsOver],
  );
  const typedIn = useSheet(sheet, first, `swing.draft.sheet.${record.call.id}.${sheet.name}`);
  const state = useTicks(record, sheet, typedIn, kept, words);
  return (
    <View style={styles.page}>
      <View style={styles.head}>
        <Words kind="title" heading={2} style={styles.title}>
          {sheet.title}
        </Words>
        {!isFitting(record.call) && (
          <Press kind="quiet" onPress={() => router.replace(`/call/${record.call.id}/fix`)}>
            Back to Fix
          </Press>
        )}
      </View>
      <SheetBody
        sheet={sheet}
        state={state}
        origin={kept && !startsOver ? {} : origin}
        {...(sheet.shelf === 'jambs' && { forbids: modelFor(record.door).forbids })}
      >
        <Keep record={record} sheet={sheet} state={state} kept={kept} words={words} onKept={() => setStartsOver(false)} />
        <BookReturn record={record} sheet={sheet} state={state} onBook={() => keepSheet(record, sheet, state, words, kept)} />
        <LogWork record={record} sheet={sheet} result={state.result} request={state.request ?? {}} words={words} />
      </SheetBody>
      <Press
        kind="quiet"
        onPress={() => {
          state.clear();
          setStartsOver(true);
        }}
        testID="fill-again"
      >
        Fill it from the call again
      </Press>
    </View>
  );
}

/** The way on through the stages of a fitting. */
function NextStage({ record, path }: { record: CallRecord; path: string }) {
  const stages = stagesOf(record);
  const at = stages.findIndex((stage) => stage.path === path);
  const next = stages[at + 1];
  if (at < 0 || next === undefined) return null;
  const sheet = stages[at]?.sheet;
  const isDone = sheet !== undefined && lastWorksheet(record, sheet)?.toDo === 0;
  return (
    <Press
      kind={isDone ? 'primary' : 'plain'}
      onPress={() => router.replace(`/call/${record.call.id}${next.path}`)}
      testID={`to-${next.id}`}
    >
      {`${next.title} ›`}
    </Press>
  );
}

function Keep({
  record,
  sheet,
  state,
  kept,
  words,
  onKept,
}: {
  record: CallRecord;
  sheet: BenchSheet;
  state: SheetState;
  kept: Worksheet | undefined;
  words: LengthWords;
  onKept: () => void;
}) {
  const says = sheet.says(state.result, words);
  const isKept = kept?.says === says && sameTyped(typedOf(sheet, kept, words.unit), state.typed, sheet);
  const keep = () => {
    keepSheet(record, sheet, state, words, kept);
    state.clear();
    onKept();
  };
  return isKept ? (
    <Words tone="right" testID="sheet-kept">
      ✓ Kept with this call
    </Words>
  ) : (
    <Press kind="primary" onPress={keep} testID="keep-sheet">
      Keep with this call
    </Press>
  );
}

interface LogWorkProps {
  record: CallRecord;
  sheet: BenchSheet;
  result: unknown;
  request: object;
  words: LengthWords;
}

function LogWork({ record, sheet, result, request, words }: LogWorkProps) {
  const work = sheet.work(result, request);
  const { tables, forbids } = modelFor(record.door);
  const logged = uncheckedWork(record);
  if (work.length === 0) return null;
  const cautions = [...new Set(work.flatMap(({ work: { action: id } }) => action(id).cautions))];
  return (
    <Section title="Done? Log it">
      <Slip label="Take care">
        {cautions.map((id) => (
          <Words key={id}>{tables.cautions[id]}</Words>
        ))}
      </Slip>
      {work.map(({ label, work: done }) => {
        const place = placeOf(done);
        const key = `${done.action}-${place ?? ''}`;
        const ruling = forbids(done.action);
        if (ruling !== undefined) return <Words key={key}>{`${label}: not on this door. ${ruling.why}`}</Words>;
        const was = logged.find((each) => each.action === done.action && placeOf(each) === place);
        return was ? (
          <Words
            key={key}
            tone="right"
            testID={`logged-${key}`}
          >{`✓ Logged: ${label.toLowerCase()}${was.unit === 'mm' ? `, ${words.withUnit(was.amount)}` : ''}`}</Words>
        ) : (
          <Log key={`${key}-${done.amount}`} id={key} label={label} work={done} record={record} words={words} />
        );
      })}
    </Section>
  );
}

const STEP_MM = 0.5;

function Log({ id, label, work, record, words }: SheetWork & { id: string; record: CallRecord; words: LengthWords }) {
  const [amount, setAmount] = useState(work.amount);
  const isLength = work.unit === 'mm';
  return (
    <View style={styles.log}>
      {isLength && (
        <Stepper
          label={label}
          value={words.bare(amount)}
          onStep={(by) => setAmount(Math.max(0, amount + by * STEP_MM))}
          testID={`log-${id}-amount`}
        />
      )}
      <Press style={styles.title} onPress={() => logWork(record, { ...work, planned: work.amount, amount })} testID={`log-${id}`}>
        {label}
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { gap: SPACE.m },
  head: { flexDirection: 'row', alignItems: 'center' },
  title: { flex: 1 },
  log: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
});
