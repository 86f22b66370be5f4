import type { Site } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { isOpen } from '../../day/callMoves';
import { CallRow } from '../../day/CallRow';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { useCallSummaries } from '../../offline/lists';

/** What else is to be done at a site, and a call for another of its doors at the same time. */
export function SameSite({ site, doorId, scheduledFor }: { site: Site; doorId: string; scheduledFor: string }) {
  const { items } = useCallSummaries();
  const others = useMemo(
    () => items.filter((each) => each.site.id === site.id && each.door.id !== doorId && isOpen(each.call)),
    [items, site.id, doorId],
  );
  return (
    <Section title="Other doors here">
      {others.map((summary) => (
        <CallRow key={summary.call.id} summary={summary} shows="day" />
      ))}
      <Press onPress={() => router.navigate(`/new?siteId=${site.id}&at=${encodeURIComponent(scheduledFor)}`)} testID="another-door">
        Call for another door here
      </Press>
    </Section>
  );
}
