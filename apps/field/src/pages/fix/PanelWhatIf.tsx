import type { SlidingDoorCard } from '@proper-swing/contract';
import { placeLabel, station, type PlaceId } from '@proper-swing/core/doors';
import { settersOf, tryPanel, type PanelSetter } from '@proper-swing/core/sliding/whatIf';
import { useMemo, useState } from 'react';
import { Words } from '../../design/Words';
import { slidingCard } from '../../record/door';
import { wayOf } from '../../record/planWords';
import { triedScrews } from '../../record/triedScrews';
import { SettingLog } from './SettingLog';
import { signed } from './tried';
import { TriedSetting } from './TriedSetting';
import type { WhatIfProps } from './WhatIf';

/** What is not turned is set by so much at a time, mm. */
const STEP_MM = 0.5;
const MOST_STEPS = 24;

const stepOf = ({ unit }: PanelSetter) => (unit === 'mm' ? STEP_MM : 1);

/** Screws, pivots and top wheels of a panel, tried before anything is turned; a turn goes as far as it did on this call. */
export function PanelWhatIf({ record, door, before, words, width, height }: WhatIfProps<SlidingDoorCard>) {
  const card = useMemo(() => slidingCard(door.make), [door.make]);
  const tried = useMemo(() => triedScrews(record), [record]);
  const setters = useMemo(
    () =>
      settersOf(card).map((each) => {
        const perTurn = each.place === 'lead' || each.place === 'trail' ? tried[each.place] : undefined;
        const isKnown = perTurn !== undefined && perTurn > 0 && each.unit !== 'mm';
        return { ...each, ...(isKnown && { mmPerUnit: perTurn / 2 }), isKnown };
      }),
    [card, tried],
  );
  const [steps, setSteps] = useState<Partial<Record<PlaceId, number>>>({});
  const [active, setActive] = useState<PlaceId>(setters[0]?.place ?? 'lead');
  const amountOf = (each: PanelSetter) => (steps[each.place] ?? 0) * stepOf(each);
  const { gaps, uneven, loose } = tryPanel(
    card,
    before,
    Object.fromEntries(setters.map((each) => [each.place, amountOf(each) * each.mmPerUnit])),
  );
  const isMoved = Object.values(steps).some((count) => count !== 0);
  const clear = () => setSteps({});
  const valueOf = (each: PanelSetter) => {
    const amount = amountOf(each);
    if (each.unit === 'mm') return signed(amount, words);
    return amount === 0 ? '0' : `${Math.abs(amount)} ${wayOf(each.action, amount)}`;
  };
  const hintOf = (each: (typeof setters)[number]) => {
    if (each.unit === 'mm') return `${wayOf(each.action, 1)} +, or drag`;
    return `half turns of ${words.withUnit(each.mmPerUnit)}${each.isKnown ? ', as here before' : ''}; or drag`;
  };
  return (
    <TriedSetting
      {...{ door, words, width, height, before, gaps, uneven, active, isMoved }}
      controls={setters.map((each) => ({
        id: each.place,
        label: placeLabel(each.place),
        value: valueOf(each),
        hint: hintOf(each),
      }))}
      onChoose={setActive}
      onStep={(by) => setSteps((known) => ({ ...known, [active]: Math.min(MOST_STEPS, Math.max(-MOST_STEPS, (known[active] ?? 0) + by)) }))}
      onClear={clear}
      dragsUp={1}
    >
      {loose.map((id) => (
        <Words key={id} tone="tight" testID="would-let-go">
          {`${station(id).title}: so much that it can be lifted out.`}
        </Words>
      ))}
      {isMoved && (
        <SettingLog
          record={record}
          works={setters.flatMap((each) =>
            amountOf(each) === 0 ? [] : [{ action: each.action, place: each.place, amount: amountOf(each) }],
          )}
          isWhole
          mayBeLeft={loose.length === 0}
          words={words}
          onLogged={clear}
        />
      )}
    </TriedSetting>
  );
}
