import type { SearchHit } from '@proper-swing/contract';
import { format } from 'date-fns/format';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { stateWords } from '../../day/callMoves';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { hitKey } from '../../offline/searchKept';

const TITLES = { sites: 'Sites', doors: 'Doors', calls: 'Calls', notes: 'Notes' } as const;
const KINDS = ['sites', 'doors', 'calls', 'notes'] as const;

/** What was found, kind by kind; each leads to its page. */
export function Hits({ hits }: { hits: readonly SearchHit[] }) {
  return (
    <>
      {KINDS.map((kind) => {
        const own = hits.filter((hit) => hit.kind === kind);
        return (
          own.length > 0 && (
            <Section key={kind} title={TITLES[kind]}>
              {own.map((hit) => (
                <HitRow key={hitKey(hit)} hit={hit} />
              ))}
            </Section>
          )
        );
      })}
    </>
  );
}

function HitRow({ hit }: { hit: SearchHit }) {
  const palette = usePalette();
  const { title, under, to } = told(hit);
  return (
    <Press
      kind="quiet"
      style={[styles.row, { borderColor: palette.rule }]}
      label={[title, ...under].join(', ')}
      onPress={() => router.navigate(to)}
      testID={`hit-${hitKey(hit).replace(' ', '-')}`}
    >
      <View style={styles.words}>
        <Words kind="title">{title}</Words>
        {under.map((line) => (
          <Words key={line} kind="small" tone="pencil" lines={2}>
            {line}
          </Words>
        ))}
      </View>
    </Press>
  );
}

/** What is said of it, and where it leads. */
function told({ kind, site, door, call, note }: SearchHit): { title: string; under: string[]; to: string } {
  const lines = (...each: (string | undefined)[]) => each.filter((line): line is string => line !== undefined && line !== '');
  const when = call && `${format(call.scheduledFor, 'd MMM yyyy')}, ${stateWords(call.state)}`;
  switch (kind) {
    case 'sites':
      return { title: site.name, under: lines(site.address, site.contact), to: `/site/${site.id}` };
    case 'doors':
      return { title: door?.title ?? '', under: lines(site.name), to: `/door/${door?.id ?? ''}` };
    case 'calls':
      return { title: `${site.name}, ${door?.title ?? ''}`, under: lines(when, call?.complaint), to: `/call/${call?.id ?? ''}` };
    case 'notes':
      return { title: `${site.name}, ${door?.title ?? ''}`, under: lines(when, note?.text), to: `/call/${call?.id ?? ''}` };
  }
}

const styles = StyleSheet.create({
  row: {
    justifyContent: 'flex-start',
    borderWidth: 0,
    borderBottomWidth: LINE.hair,
    borderRadius: 0,
    paddingHorizontal: 0,
    paddingVertical: SPACE.s,
  },
  words: { flex: 1, minWidth: 0 },
});
