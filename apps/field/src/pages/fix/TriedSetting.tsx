import type { Door } from '@proper-swing/contract';
import type { EdgeId, StationId } from '@proper-swing/core/doors';
import type { PropsWithChildren } from 'react';
import { StyleSheet, View } from 'react-native';
import { capital } from '../../design/capital';
import { Choice } from '../../design/Choice';
import type { LengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Stepper } from '../../design/Stepper';
import { Words } from '../../design/Words';
import { AnyDrawing } from '../../doors/AnyDrawing';
import { triedLabels, triedWords, type TriedGap } from './tried';
import { useArrowKeys } from './useArrowKeys';
import { useDragSteps } from './useDragSteps';

/** Dragged this far across the drawing is one step, px. */
const DRAG_PX = 14;

/** What can be set, what it is set to, and what it is. */
export interface Control<Id extends string> {
  id: Id;
  label: string;
  value: string;
  hint: string;
}

interface TriedSettingProps<Id extends string> {
  door: Door;
  words: LengthWords;
  width: number;
  height: number;
  /** Gaps before it, mm, and with it. */
  before: ReadonlyMap<StationId, number>;
  gaps: readonly TriedGap[];
  uneven: readonly { edge: EdgeId; mm: number }[];
  controls: readonly Control<Id>[];
  active: Id;
  onChoose: (id: Id) => void;
  isMoved: boolean;
  onStep: (by: number) => void;
  onClear: () => void;
  /** Which way a drag across the drawing steps up. */
  dragsUp: 1 | -1;
}

/** A setting tried on the drawing before anything is touched: every gap moves, and what breaks its limits is marked. */
export function TriedSetting<Id extends string>(props: PropsWithChildren<TriedSettingProps<Id>>) {
  const { door, words, width, height, before, gaps, uneven, controls, active, onChoose, isMoved, onStep, onClear, dragsUp, children } =
    props;
  const choose = (by: number) => {
    const place = controls.findIndex(({ id }) => id === active);
    const next = controls[(place + by + controls.length) % controls.length];
    if (next) onChoose(next.id);
  };
  const drag = useDragSteps(DRAG_PX, dragsUp, onStep);
  useArrowKeys({ across: onStep, along: choose });
  const { label = '', value = '', hint = '' } = controls.find(({ id }) => id === active) ?? {};
  return (
    <Section
      title="What if"
      aside={
        isMoved && (
          <Press kind="quiet" onPress={onClear} testID="what-if-clear">
            As it is
          </Press>
        )
      }
    >
      <Words kind="strong" testID="what-if-verdict">
        {triedWords(gaps, uneven.length)}
      </Words>
      <View style={styles.drawing} {...drag}>
        <AnyDrawing
          width={width}
          height={height}
          door={door}
          gapsMm={before}
          {...(isMoved && { afterMm: new Map(gaps.map((gap) => [gap.station, gap.afterMm])) })}
          labels={triedLabels(gaps, words)}
          unit={words.unit}
        />
      </View>
      <Stepper label={label} value={value} onStep={onStep} testID="tried">
        <Words kind="strong">{label}</Words>
        <Words kind="label" tone="pencil">
          {hint}
        </Words>
      </Stepper>
      <Choice label="What to set" options={controls} chosen={active} onChoose={onChoose} testID="what-if-set" />
      {uneven.map(({ edge, mm }) => (
        <Words key={edge} tone="tight">{`${capital(edge)} gap: ${words.withUnit(mm)} more uneven than allowed.`}</Words>
      ))}
      {children}
    </Section>
  );
}

const styles = StyleSheet.create({ drawing: { alignItems: 'center', userSelect: 'none' } });
