import type { CallRecord, HingedDoorCard } from '@proper-swing/contract';
import { placeHinges, tryOut, workOfSetting, type HingeName, type Setting } from '@proper-swing/core';
import { placeSays, type StationId } from '@proper-swing/core/doors';
import { useMemo, useState } from 'react';
import { capital } from '../../design/capital';
import type { LengthWords } from '../../design/lengthWords';
import { Words } from '../../design/Words';
import { hingedCard } from '../../record/door';
import { SettingLog } from './SettingLog';
import { signed } from './tried';
import { TriedSetting } from './TriedSetting';

export interface WhatIfProps<Door> {
  record: CallRecord;
  door: Door;
  /** Gaps as they are, mm. */
  before: ReadonlyMap<StationId, number>;
  words: LengthWords;
  width: number;
  height: number;
}

/** A layer of card: the least that is set by hand, mm. */
const STEP_MM = 0.5;
const MOST_MM = 20;

type ControlId = HingeName | 'lower' | 'planeTop' | 'planeFoot';

const HINTS: Partial<Record<ControlId, string>> = { lower: 'whole slab, down +', planeTop: 'timber off', planeFoot: 'timber off' };

/** Hinges, height and timber of a slab, tried before anything is touched. */
export function WhatIf({ record, door, before, words, width, height }: WhatIfProps<HingedDoorCard>) {
  const { make } = door;
  const card = useMemo(() => hingedCard(make), [make]);
  const hinges = useMemo(() => placeHinges(card), [card]);
  const [values, setValues] = useState<Partial<Record<ControlId, number>>>({});
  const [active, setActive] = useState<ControlId>('bottom');
  const at = (id: ControlId) => values[id] ?? 0;
  const named: readonly { id: ControlId; label: string }[] = [
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
  const { gaps, uneven, misfit } = tryOut(card, before, setting);
  const isMoved = Object.values(values).some((mm) => mm !== 0);
  const step = (by: number) => {
    const least = active === 'planeTop' || active === 'planeFoot' ? 0 : -MOST_MM;
    setValues((known) => ({ ...known, [active]: Math.min(MOST_MM, Math.max(least, (known[active] ?? 0) + by * STEP_MM)) }));
  };
  const clear = () => setValues({});
  const { works, isWhole } = workOfSetting(card, setting);
  return (
    <TriedSetting
      {...{ door, words, width, height, before, gaps, uneven, active, isMoved }}
      controls={named.map((each) => ({
        ...each,
        value: signed(at(each.id), words),
        hint: HINTS[each.id] ?? 'toward the latch +, or drag',
      }))}
      onChoose={setActive}
      onStep={step}
      onClear={clear}
      dragsUp={make.hingesOn === 'left' ? 1 : -1}
    >
      {isMoved && (
        <SettingLog
          record={record}
          works={works.map(({ hinge, ...work }) => ({ ...work, ...(hinge && { place: hinge }) }))}
          isWhole={isWhole}
          words={words}
          onLogged={clear}
        />
      )}
      {misfit.map(({ hinge, mm }) => (
        <Words
          key={hinge}
          tone="tight"
        >{`The ${placeSays(hinge)} would be ${words.withUnit(Math.abs(mm))} off the line of the others: it binds.`}</Words>
      ))}
    </TriedSetting>
  );
}
