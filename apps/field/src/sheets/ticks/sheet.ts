import { lazy } from 'react';
import { ON_WHEELS } from '@proper-swing/core/sliding/card/panel';
import type { TickFinding } from '@proper-swing/core/sheets';
import { benchSheet, type SheetField } from '../benchSheet';
import { length } from '../fieldKinds';
import { PASS_PATHS } from './passes';
import { ticksSay } from './says';

const passField = (path: string, i: number): SheetField => ({
  path,
  label: `Pass ${i + 1}`,
  kind: 'lengths',
  isOptional: i > 0,
  ...(i === 0 && { hint: 'Where it ticked, from the closing jamb, a comma between' }),
});

export const ticksSheet = benchSheet<TickFinding>({
  name: 'sliding.ticks',
  doors: 'sliding',
  panels: ON_WHEELS,
  title: 'Tick finder',
  about: 'A burr on the track, or a wheel: slide it several times both ways, and mark each tick.',
  basis: 'A spot ticks at its place, a wheel once every π times its diameter; each weighed as a point process along the travel.',
  groups: [
    { title: 'The passes', fields: [length('travelMm', 'Travel', { usual: 850 }), ...PASS_PATHS.map(passField)] },
    { title: 'How well it was read', fields: [length('sdMm', 'A tick may be off by', { usual: 5, hint: '5 read off a tape, 12 tapped' })] },
    {
      title: 'The wheels',
      fields: [
        length('leadWheelMm', 'Closing end, across', { isOptional: true }),
        length('trailWheelMm', 'Other end, across', { isOptional: true }),
      ],
    },
  ],
  serves: ['fileBurr'],
  Helper: lazy(async () => ({ default: (await import('./TickTaps')).TickTaps })),
  Answer: lazy(async () => ({ default: (await import('./TicksAnswer')).TicksAnswer })),
  says: ticksSay,
  shape: ({ pass = {}, ...request }: { pass?: Readonly<Record<string, readonly number[]>> }) => ({
    ...request,
    passes: PASS_PATHS.flatMap((path) => {
      const atMm = pass[path.slice('pass.'.length)];
      return atMm === undefined ? [] : [{ atMm }];
    }),
  }),
  fieldOf: (field, request: { passes?: readonly object[] }) => {
    const nth = /^passes\[(\d+)\]/.exec(field)?.[1];
    return nth === undefined || request.passes === undefined ? undefined : PASS_PATHS[Number(nth)];
  },
});
