import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useRef } from 'react';
import { fittingList, isListDone, listSays } from '../../call/fittingList';
import { jobOf, workPath } from '../../call/stages';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import { useDoors } from '../../offline/lists';
import { startOtherLeaf } from './startOtherLeaf';

/** How the list of a fitting stands, and the other leaf of a pair. */
export function FittingProof({ record }: { record: CallRecord }) {
  const list = fittingList(record);
  if (list === undefined) return null;
  return (
    <>
      <Section title="The list">
        {list.state === 'kept' &&
          list.sheets.map(({ id, says }, i) => (
            <Words key={id} testID={i === 0 ? 'list-says' : `list-says-${i + 1}`}>
              {says}
            </Words>
          ))}
        <Words tone={isListDone(list) ? 'right' : 'tight'} testID="list-state">
          {listSays(list)}
        </Words>
        <Press
          onPress={() => router.replace(`/call/${record.call.id}${(list.state === 'kept' && list.openAt) || workPath(record)}`)}
          testID="to-list"
        >
          To the list
        </Press>
      </Section>
      {jobOf(record.call) === 'fitPair' && <OtherLeaf record={record} />}
    </>
  );
}

/** Each leaf has gaps and hinges of its own: the other one is a door of its own, walked round like this one. */
function OtherLeaf({ record }: { record: CallRecord }) {
  const other = useDoors(record.site.id).find(({ closesWith }) => closesWith === record.door.id);
  const isBegun = useRef(false);
  const begin = () => {
    // A second tap before the page has turned begins no second door.
    if (isBegun.current) return;
    isBegun.current = true;
    router.push(`/call/${startOtherLeaf(record)}/prove`);
  };
  return (
    <Section title="The other leaf">
      <Words>Each leaf is proved by itself: its own gaps, its own tries.</Words>
      {other === undefined ? (
        <Press onPress={begin} testID="start-other-leaf">
          Prove the other leaf
        </Press>
      ) : (
        <Press href={`/door/${other.id}`} onPress={() => router.navigate(`/door/${other.id}`)} testID="to-other-leaf">
          {other.title}
        </Press>
      )}
    </Section>
  );
}
