import type { SlidingDoorCard } from '@proper-swing/contract';
import { useLengthWords } from '../../design/lengthWords';
import { Section } from '../../design/Section';
import { Table } from '../../design/Table';
import { Words } from '../../design/Words';
import { modelFor } from '../../record/door';
import { PANEL_EDGE_WORDS } from './panelWords';

const EDGES = ['foot', 'head'] as const;

/** What the gaps of a panel are judged by, and from which room above on it can be lifted out. */
export function PanelLimits({ door }: { door: SlidingDoorCard }) {
  const { bare, withUnit, unit } = useLengthWords();
  const { profile } = modelFor(door);
  const letsGoFrom = profile.edges['head']?.letsGoFrom;
  return (
    <Section title={`Limits, ${unit}`}>
      <Table
        label={`Limits of the gaps, ${unit}`}
        columns={[
          { title: 'Gap', kind: 'label', cell: (edge) => PANEL_EDGE_WORDS[edge] },
          { title: 'Least', width: 64, isRight: true, cell: (edge) => bare(profile.edges[edge]?.min ?? 0) },
          { title: 'Best', width: 64, isRight: true, kind: 'title', cell: (edge) => bare(profile.edges[edge]?.target ?? 0) },
          { title: 'Most', width: 64, isRight: true, cell: (edge) => bare(profile.edges[edge]?.max ?? 0) },
        ]}
        rows={EDGES}
        keyOf={(edge) => edge}
      />
      <Words>{`The closing gap is even within ${withUnit(profile.evenWithin)}, wherever the panel is held.`}</Words>
      {letsGoFrom !== undefined && <Words kind="strong">{`With ${withUnit(letsGoFrom)} or more above an end it can be lifted out.`}</Words>}
      <Words kind="small" tone="pencil">
        Common practice.
      </Words>
    </Section>
  );
}
