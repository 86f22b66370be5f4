import { SEARCHED, type SearchHit } from '@proper-swing/contract';
import { format } from 'date-fns/format';
import { router } from 'expo-router';
import { stateWords } from '../../day/callMoves';
import { ListRow } from '../../design/ListRow';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import { hitKey } from '../../offline/searchKept';

const TITLES = { sites: 'Sites', doors: 'Doors', calls: 'Calls', notes: 'Notes' } as const;

/** What was found, kind by kind; each leads to its page. */
export function Hits({ hits }: { hits: readonly SearchHit[] }) {
  return (
    <>
      {SEARCHED.map((kind) => {
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
  const { title, under, to } = told(hit);
  return (
    <ListRow label={[title, ...under].join(', ')} onPress={() => router.navigate(to)} testID={`hit-${hitKey(hit).replace(' ', '-')}`}>
      <Words kind="title">{title}</Words>
      {under.map((line) => (
        <Words key={line} kind="small" tone="pencil" lines={2}>
          {line}
        </Words>
      ))}
    </ListRow>
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
