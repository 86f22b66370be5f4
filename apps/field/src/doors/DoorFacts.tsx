import type { Door } from '@proper-swing/contract';
import { HingedFacts } from './hinged/HingedFacts';
import { Limits } from './hinged/Limits';
import { Schools } from './hinged/Schools';
import { PanelFacts } from './sliding/PanelFacts';
import { PanelLimits } from './sliding/PanelLimits';

/** What is known of a door, in a few lines. */
export function DoorFacts({ door }: { door: Door }) {
  return door.kind === 'hinged' ? <HingedFacts door={door} /> : <PanelFacts door={door} />;
}

/** What a door is judged by, and what of it can be chosen. */
export function DoorSettings({ door }: { door: Door }) {
  if (door.kind === 'sliding') return <PanelLimits door={door} />;
  return (
    <>
      <Limits door={door} />
      <Schools door={door} />
    </>
  );
}
