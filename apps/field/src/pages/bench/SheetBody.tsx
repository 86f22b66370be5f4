import type { ActionId } from '@proper-swing/core/doors';
import { Suspense, type ReactNode } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { Section } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { SheetAnswer } from './SheetAnswer';
import { SheetForm } from './SheetForm';
import { TickList } from './TickList';
import type { BenchSheet } from '../../sheets/benchSheet';
import type { SheetState } from './useSheet';

export interface SheetBodyProps {
  sheet: BenchSheet;
  state: SheetState;
  origin?: Readonly<Record<string, string>>;
  /** What of its work is not allowed on this door, and why. */
  forbids?: (work: ActionId) => { why: string } | undefined;
  /** What can be done with the answer, under it. */
  children?: ReactNode;
}

const NARROW_ANSWER = 560;

/** A sheet: figures and answer, one above the other on a phone and side by side where there is room. */
export function SheetBody({ sheet, state, origin, forbids, children }: SheetBodyProps) {
  const { width } = useWindowDimensions();
  const words = useLengthWords();
  const isWide = width >= WIDE_FROM;
  const answerWidth = Math.min(NARROW_ANSWER, isWide ? width / 2 - 3 * SPACE.l : width - 2 * SPACE.l);
  const { typed, given, errors, fault, missing, request, result, type } = state;
  const [first, ...others] = sheet.groups;
  const shared = { typed, given, errors, unit: words.unit, onType: type, ...(origin && { origin }) };
  const key = first && (
    <View style={styles.narrow}>
      <Words tone="pencil">{sheet.about}</Words>
      {sheet.Helper && (
        <Suspense fallback={null}>
          <sheet.Helper typed={typed} onType={type} words={words} errors={errors} width={answerWidth} />
        </Suspense>
      )}
      <SheetForm groups={[first]} isOpen {...shared} />
    </View>
  );
  const rest = (
    <View style={styles.narrow}>
      <SheetForm groups={others} {...shared} />
      <Words kind="small" tone="pencil">
        {typeof sheet.basis === 'string' ? sheet.basis : sheet.basis(words)}
      </Words>
    </View>
  );
  const steps = request !== undefined && result !== undefined ? sheet.list?.steps(result, request, typed) : undefined;
  const whyNot = steps?.flatMap(({ work }) => (work && forbids?.(work.action)?.why) ?? [])[0];
  const answer = (
    <Section title="Answer">
      {missing.length > 0 && (
        <Words testID="still-wanted">{`Still wanted: ${missing.map(({ label }) => label.toLowerCase()).join('; ')}.`}</Words>
      )}
      {Object.keys(errors).length > 0 && <Words tone="tight">One of the figures cannot be used: see the field.</Words>}
      {fault !== undefined && <Words tone="tight">{fault}</Words>}
      {request !== undefined && result !== undefined && (
        <SheetAnswer sheet={sheet} request={request} result={result} words={words} width={answerWidth} typed={typed} onType={type} />
      )}
      {whyNot !== undefined && <Words tone="tight" testID="not-on-this-door">{`Nothing to tick off on this door. ${whyNot}`}</Words>}
      {steps !== undefined && whyNot === undefined && (
        <TickList
          steps={steps}
          done={typed['done'] ?? ''}
          onDone={(done) => {
            for (const [path, text] of Object.entries(sheet.withTicks?.(typed, done) ?? {})) type(path, text);
            type('done', done);
          }}
          words={words}
        />
      )}
      {request !== undefined && result !== undefined && children}
    </Section>
  );
  return isWide ? (
    <View style={styles.wide}>
      <View style={[styles.column, styles.narrow]}>
        {key}
        {rest}
      </View>
      <View style={styles.column}>{answer}</View>
    </View>
  ) : (
    <View style={styles.narrow}>
      {key}
      {answer}
      {rest}
    </View>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  column: { flex: 1, minWidth: 0 },
  narrow: { gap: SPACE.l },
});
