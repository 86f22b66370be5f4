import type { HingedDoorCard } from '@proper-swing/contract';
import { EDGES, profileOf, toleranceProfile } from '@proper-swing/core';
import { useState } from 'react';
import { write } from '../../offline/write';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Table } from '../../design/Table';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { basisWords, EDGE_WORDS } from './doorWords';
import { hasLimitsDraft, LimitsForm } from './LimitsForm';
import { limitsCard, type LimitsChoice } from './limitsDraft';

/** What the gaps of this door are judged by and why; another profile, or limits of its own, in a few taps. */
export function Limits({ door }: { door: HingedDoorCard }) {
  const { bare, unit } = useLengthWords();
  const [isChanging, setChanging] = useState(() => hasLimitsDraft(door.id));
  const [fault, setFault] = useState<string>();
  const { title, edges, evenWithin, source } = profileOf(door.make);

  const keep = (choice: LimitsChoice) => {
    try {
      const card = limitsCard(door, choice);
      if (card !== undefined) write('doors', card);
      setFault(undefined);
      setChanging(false);
    } catch {
      setFault('This device is full: the limits are not kept. Make room and try again.');
    }
  };

  return (
    <Section
      title="Judged by"
      aside={
        !isChanging && (
          <Press kind="quiet" onPress={() => setChanging(true)} testID="change-limits">
            Change ›
          </Press>
        )
      }
    >
      {!isChanging && (
        <>
          <Words kind="strong" testID="limits-title">
            {title}
          </Words>
          <Table
            label={`Limits of the gaps, ${unit}`}
            columns={[
              { title: `Gap, ${unit}`, kind: 'label', cell: (edge) => EDGE_WORDS[edge] },
              { title: 'least', width: 60, kind: 'title', cell: (edge) => bare(edges[edge].min) },
              { title: 'aim at', width: 60, kind: 'title', cell: (edge) => bare(edges[edge].target) },
              { title: 'most', width: 60, kind: 'title', cell: (edge) => bare(edges[edge].max) },
            ]}
            rows={EDGES}
            keyOf={(edge) => edge}
            rowTestID={(edge) => `limits-${edge}`}
          />
          <Words>{`Even within ${bare(evenWithin)} ${unit} along the hinge, head and latch edge.`}</Words>
          <Words kind="small" tone="pencil" testID="limits-reason">
            {door.make.ownLimits ? `Why: ${source} (${toleranceProfile(door.make.profile).title} otherwise.)` : basisWords(source)}
          </Words>
        </>
      )}
      {isChanging && <LimitsForm door={door} onKeep={keep} onLeave={() => setChanging(false)} />}
      {fault !== undefined && <Words tone="tight">{fault}</Words>}
    </Section>
  );
}
