import { Redirect, router, useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { useLengthWords } from '../../design/lengthWords';
import { SheetBody } from './SheetBody';
import type { BenchSheet } from '../../sheets/benchSheet';
import { sheetAt } from '../../sheets/register';
import { usualTyped } from '../../sheets/typedSheet';
import { useSheet } from './useSheet';

/** One sheet of the bench, without a call. */
export function SheetPage() {
  const { name } = useLocalSearchParams<{ name: string }>();
  const sheet = sheetAt(name);
  if (sheet === undefined) {
    return <Redirect href="/bench" />;
  }
  return <OnBench key={sheet.name} sheet={sheet} />;
}

function OnBench({ sheet }: { sheet: BenchSheet }) {
  const words = useLengthWords();
  const first = useMemo(() => usualTyped(sheet, words.bare), [sheet, words]);
  const state = useSheet(sheet, first, `swing.draft.bench.${sheet.name}`);
  return (
    <Page
      header={<Header title={sheet.title} sub="The bench" onBack={() => router.navigate('/bench')} backLabel="Back to the bench" />}
      footer={
        <Press onPress={state.clear} testID="clear-sheet">
          Start the figures over
        </Press>
      }
    >
      <SheetBody sheet={sheet} state={state} />
    </Page>
  );
}
