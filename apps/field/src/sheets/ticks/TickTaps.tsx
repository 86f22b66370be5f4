import { DomainError, parseLength } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import type { HelperProps } from '../benchSheet';
import { ListenKey } from './ListenKey';
import { nextPassPath, placesOf } from './passes';

/** How far off a tapped tick may be: a hand's reaction, and a slide that is not quite even, mm (common practice, no source). */
const TAPPED_SD_MM = 12;

/** The same by ear: no hand's reaction, but the slide is as uneven, mm (common practice, no source). */
const HEARD_SD_MM = 9;

interface Running {
  from: number;
  ticks: readonly number[];
}

/** Taps in place of reading: one key at the start of the slide, one for each tick, one at its end. */
export function TickTaps({ typed, onType, words }: Pick<HelperProps, 'typed' | 'onType' | 'words'>) {
  const [running, setRunning] = useState<Running>();
  const [startsShut, setStartsShut] = useState(true);
  const travelMm = travelOf(typed['travelMm'] ?? '', words.unit);
  const path = nextPassPath(typed);
  const nth = path.slice('pass.'.length);
  if (travelMm === undefined) return <Words tone="pencil">Write the travel first: then ticks can be tapped.</Words>;

  const write = (times: Parameters<typeof placesOf>[0], sdMm: number) => {
    onType(path, placesOf(times, travelMm, startsShut).map(words.bare).join(', '));
    onType('sdMm', words.bare(sdMm));
    setStartsShut(!startsShut);
  };
  const finish = (to: number) => {
    if (running === undefined) return;
    write({ ...running, to }, TAPPED_SD_MM);
    setRunning(undefined);
  };
  return (
    <View style={styles.taps} testID="tick-taps">
      {running === undefined ? (
        <>
          <Words kind="label">{`Pass ${nth} begins with the panel`}</Words>
          <Choice
            label={`Pass ${nth} begins with the panel`}
            options={STARTS}
            chosen={startsShut ? 'shut' : 'open'}
            onChoose={(id) => setStartsShut(id === 'shut')}
            testID="tick-start"
          />
          <Press kind="primary" onPress={() => setRunning({ from: performance.now(), ticks: [] })} testID="tap-start">
            {`Begin pass ${nth}, then slide evenly`}
          </Press>
          <ListenKey nth={nth} onHeard={(shares) => shares.length > 0 && write({ from: 0, ticks: shares, to: 1 }, HEARD_SD_MM)} />
        </>
      ) : (
        <>
          <Press
            kind="primary"
            style={styles.tick}
            onPress={() => setRunning({ ...running, ticks: [...running.ticks, performance.now()] })}
            testID="tap-tick"
          >
            {`Tick · ${running.ticks.length}`}
          </Press>
          <View style={styles.row}>
            <Press onPress={() => finish(performance.now())} testID="tap-end">
              End of the slide
            </Press>
            <Press kind="quiet" onPress={() => setRunning(undefined)}>
              Throw this pass away
            </Press>
          </View>
        </>
      )}
      <Words kind="small" tone="pencil">
        Or hold a tape along the track and write each place down: twice as sharp.
      </Words>
    </View>
  );
}

const STARTS = [
  { id: 'shut', label: 'Shut' },
  { id: 'open', label: 'Open' },
];

function travelOf(text: string, unit: string): number | undefined {
  try {
    const { mm } = parseLength(text, { field: 'travelMm', defaultUnit: unit === 'in' ? 'in' : 'mm' });
    return mm > 0 ? mm : undefined;
  } catch (error) {
    if (error instanceof DomainError) return undefined;
    throw error;
  }
}

const styles = StyleSheet.create({
  taps: { gap: SPACE.s },
  tick: { minHeight: 120 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
