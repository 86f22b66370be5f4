import { lengthMm, list, number } from '../../fields/field';
import { makeStacks } from '../../jamb/packers';
import { sheet } from '../sheet';
import { packerKinds } from './asked';
import { stacks } from './shapes';

export const packersSheet = sheet({
  name: 'jamb.packers',
  title: 'Packers: the fewest pieces for every stack',
  request: {
    stacksMm: list('How thick each stack is to be, mm', lengthMm('A stack', 0, 80), { least: 1, most: 14 }),
    kinds: packerKinds,
    withinMm: lengthMm('As good as exact within', 0, 2),
    spareShare: number('Spares, as a share', { from: 0, to: 2 }),
  },
  result: stacks.fields,
  example: {
    stacksMm: [7, 7, 8, 11],
    kinds: [{ mm: 1 }, { mm: 2 }, { mm: 3 }, { mm: 5 }],
    withinMm: 0.2,
    spareShare: 0.2,
  },
  run: makeStacks,
});
