import type { CallRecord, HingedDoorCard } from '@proper-swing/contract';
import { placeHinges, tryOut, workOfSetting, type HingeName, type Setting, type StationId, type Tried } from '@proper-swing/core';
import { placeSays, type Plan } from '@proper-swing/core/doors';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Stepper } from '../../design/Stepper';
import { Words } from '../../design/Words';
import { DoorDrawing } from '../../doors/hinged/DoorDrawing';
import type { GapLabel } from '../../doors/gapLabel';
import { VERDICT_WORDS } from '../../design/drawing/marks';
import { hingedCard } from '../../record/door';
import type { LengthWords } from '../../design/lengthWords';
import { SettingLog } from './SettingLog';
import { useArrowKeys } from './useArrowKeys';
import { useDragSteps } from './useDragSteps';
import { capital } from '../../design/capital';

export interface WhatIfProps {
  record: CallRecord;
  door: HingedDoorCard;
  plan: Plan;
  words: LengthWords;
  width: number;
  height: number;
}

/** A layer of card: the least that is set by hand, mm. */
const STEP_MM = 0.5;

type ControlId = HingeName | 'lower' | 'planeTop' | 'planeFoot';

/** Dragged this far across the drawing is one step, px. */
const DRAG_PX = 14;

/** Tries a setting on the drawing before anything is touched: every gap moves, and what breaks its limits is marked. */
export function WhatIf({ record, door: { make }, plan, words, width, height }: WhatIfProps) {
  const door = useMemo(() => hingedCard(make), [make]);
  const hinges = useMemo(() => placeHinges(door), [door]);
  const [values, setValues] = useState<Partial<Record<ControlId, number>>>({});
  const [active, setActive] = useState<ControlId>('bottom');
  const before = useMemo(() => new Map<StationId, number>(plan.gaps.map((gap) => [gap.station as StationId, gap.beforeMm])), [plan]);
  const at = (id: ControlId) => values[id] ?? 0;
  const controls: readonly { id: ControlId; label: string }[] = [
    ...hinges.map(({ name }) => ({ id: name, label: capital(placeSays(name)) })),
    { id: 'lower', label: 'Let down' },
    { id: 'planeTop', label: 'Plane latch, top' },
    { id: 'planeFoot', label: 'Plane latch, foot' },
  ];
  const setting: Setting = {
    hinges: hinges.map(({ name }) => ({ hinge: name, mm: at(name) })),
    lowerMm: at('lower'),
    planed: at('planeTop') > 0 || at('planeFoot') > 0 ? [{ edge: 'latch', fromMm: at('planeTop'), toMm: at('planeFoot') }] : [],
  };
  const tried = tryOut(door, before, setting);
  const isMoved = Object.values(values).some((mm) => mm !== 0);
  const outside = tried.gaps.filter(({ verdict }) => verdict !== 'right').length;
  const step = (by: number) => {
    const least = active === 'planeTop' || active === 'planeFoot' ? 0 : -MOST_MM;
    setValues((known) => ({ ...known, [active]: Math.min(MOST_MM, Math.max(least, (known[active] ?? 0) + by * STEP_MM)) }));
  };
  const choose = (by: number) => {
    const place = controls.findIndex(({ id }) => id === active);
    const next = controls[(place + by + controls.length) % controls.length];
    if (next) setActive(next.id);
  };
  const drag = useDragSteps(DRAG_PX, make.hingesOn === 'left' ? 1 : -1, step);
  useArrowKeys({ across: step, along: choose });
  const labels = triedLabels(tried, words);
  const value = at(active);
  const activeLabel = controls.find(({ id }) => id === active)?.label ?? '';
  return (
    <Section
      title="What if"
      aside={
        isMoved && (
          <Press kind="quiet" onPress={() => setValues({})} testID="what-if-clear">
            As it is
          </Press>
        )
      }
    >
      <Words kind="strong" testID="what-if-verdict">
        {verdictWords(outside, tried.uneven.length)}
      </Words>
      <View style={styles.drawing} {...drag}>
        <DoorDrawing
          width={width}
          height={height}
          make={make}
          gapsMm={before}
          {...(isMoved && { afterMm: new Map(tried.gaps.map((gap) => [gap.station, gap.afterMm])) })}
          labels={labels}
          unit={words.unit}
        />
      </View>
      <Stepper
        label={activeLabel}
        value={`${value > 0 ? '+' : value < 0 ? '−' : ''}${words.withUnit(Math.abs(value))}`}
        onStep={step}
        testID="tried"
      >
        <Words kind="strong">{activeLabel}</Words>
        <Words kind="label" tone="pencil">
          {HINTS[active] ?? 'toward the latch +, or drag'}
        </Words>
      </Stepper>
      <Choice label="What to set" options={controls} chosen={active} onChoose={setActive} testID="what-if-set" />
      {tried.uneven.map(({ edge, mm }) => (
        <Words key={edge} tone="tight">{`${capital(edge)} gap: ${words.withUnit(mm)} more uneven than allowed.`}</Words>
      ))}
      {isMoved && <SettingLog record={record} work={workOfSetting(door, setting)} words={words} onLogged={() => setValues({})} />}
      {tried.misfit.map(({ hinge, mm }) => (
        <Words
          key={hinge}
          tone="tight"
        >{`The ${placeSays(hinge)} would be ${words.withUnit(Math.abs(mm))} off the line of the others: it binds.`}</Words>
      ))}
    </Section>
  );
}

const MOST_MM = 20;

const HINTS: Partial<Record<ControlId, string>> = { lower: 'whole slab, down +', planeTop: 'timber off', planeFoot: 'timber off' };

function verdictWords(outside: number, uneven: number): string {
  if (outside === 0 && uneven === 0) return 'Everything inside its limits and even.';
  return [
    ...(outside > 0 ? [`${outside} ${outside === 1 ? 'gap' : 'gaps'} outside`] : []),
    ...(uneven > 0 ? [`${uneven} uneven`] : []),
  ].join(', ');
}

function triedLabels(tried: Tried, words: LengthWords): ReadonlyMap<StationId, GapLabel> {
  return new Map(
    tried.gaps.map(({ station: id, beforeMm, afterMm, verdict }): [StationId, GapLabel] => [
      id,
      {
        main: afterMm <= 0 ? 'rubs' : words.bare(afterMm),
        ...(Math.abs(afterMm - beforeMm) >= 0.05 && { sub: beforeMm <= 0 ? 'rubbed' : `was ${words.bare(beforeMm)}` }),
        isPencil: true,
        verdict,
        spoken: `would be ${words.withUnit(Math.max(0, afterMm))}, ${VERDICT_WORDS[verdict]}`,
      },
    ]),
  );
}

const styles = StyleSheet.create({ drawing: { alignItems: 'center', userSelect: 'none' } });
