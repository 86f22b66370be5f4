import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { useLengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { usePalette } from '../../design/theme';
import { LINE, SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { KEYS } from '../../offline/keys';
import { withValue, type TwoWays } from '../../offline/mergeCards';
import { outbox, type Outgoing } from '../../offline/outbox';
import { settle, versionsOf, type Versions } from '../../offline/settleCards';
import { EntryHead } from './EntryHead';
import { valueWords } from './heldWords';
import { RefusedEntry } from './RefusedEntry';

/** A card that two devices changed: what each made of it, field by field, to choose from. What cannot be asked about is a refused entry. */
export function TwoVersions({ outgoing }: { outgoing: Outgoing }) {
  const { data } = useQuery({
    queryKey: KEYS.twoVersions(outgoing.mark, outbox.waiting().length),
    queryFn: async () => (await versionsOf(outbox, outgoing)) ?? null,
    gcTime: 0,
  });
  return data == null || data.conflicts.length === 0 ? (
    <RefusedEntry outgoing={outgoing} />
  ) : (
    <Choices outgoing={outgoing} versions={data} />
  );
}

type Side = 'ours' | 'theirs';

function Choices({ outgoing, versions }: { outgoing: Outgoing; versions: Versions }) {
  const palette = usePalette();
  const [chosen, setChosen] = useState<Readonly<Record<string, Side>>>({});
  const { conflicts, card, theirs } = versions;
  const open = conflicts.filter(({ path }) => chosen[keyOf(path)] === undefined).length;
  const keep = () => {
    const theirsChosen = conflicts.filter(({ path }) => chosen[keyOf(path)] === 'theirs');
    settle(
      outbox,
      versions,
      theirsChosen.reduce((sum, { path, theirs: value }) => withValue(sum, path, value), card),
    );
  };
  return (
    <View style={[styles.entry, { borderColor: palette.tight }]} testID="two-versions">
      <EntryHead outgoing={outgoing} />
      <Words tone="tight">{`This card was also changed on another device, ${format(theirs.writtenAt, 'd MMM HH:mm')}. Which holds?`}</Words>
      {conflicts.map((each) => (
        <OneField
          key={keyOf(each.path)}
          ways={each}
          chosen={chosen[keyOf(each.path)]}
          onChoose={(side) => setChosen({ ...chosen, [keyOf(each.path)]: side })}
        />
      ))}
      <Words tone="pencil">What else was changed is kept from both. Both versions stay in the history of the card.</Words>
      <Press kind="primary" disabled={open > 0} onPress={keep} testID="keep-chosen">
        {open > 0 ? `${open} still to choose` : 'Keep what is chosen'}
      </Press>
    </View>
  );
}

const keyOf = (path: TwoWays['path']): string => path.join('.');

function OneField({ ways, chosen, onChoose }: { ways: TwoWays; chosen: Side | undefined; onChoose: (side: Side) => void }) {
  const { withUnit } = useLengthWords();
  const words = (value: unknown) => valueWords(ways.field, value, withUnit);
  const options = [
    { id: 'ours', label: `Here: ${words(ways.ours)}` },
    { id: 'theirs', label: `There: ${words(ways.theirs)}` },
  ] as const;
  return (
    <View>
      <Words kind="label">{ways.says}</Words>
      <Choice label={ways.says} options={options} chosen={chosen} onChoose={onChoose} testID={`choose-${keyOf(ways.path)}`} />
    </View>
  );
}

const styles = StyleSheet.create({ entry: { gap: SPACE.s, paddingVertical: SPACE.m, borderBottomWidth: LINE.rule } });
