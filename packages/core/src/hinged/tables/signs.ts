import { sizeSign, taperSign } from '../../model/signEntries';
import type { Sign as AnySign } from '../../model/tables';
import type { StationId } from '../geometry/stations';
import type { TableNames } from '../geometry/tableNames';

type Sign = AnySign<TableNames>;

const WORDS = ['wide', 'tight'] as const;

/** The comparisons in which evidence is told; they do not enter the arithmetic, which takes every reading as it is. */
export const SIGNS: readonly Sign[] = [
  taperSign<StationId>(
    'hingeTaper',
    'hinge gap',
    ['hinge.top', 'hinge.bottom'],
    'at the top than at the bottom',
    'at the bottom than at the top',
  ),
  taperSign<StationId>(
    'latchTaper',
    'latch gap',
    ['latch.top', 'latch.bottom'],
    'at the top than at the bottom',
    'at the bottom than at the top',
  ),
  taperSign<StationId>(
    'headTaper',
    'head gap',
    ['head.latch', 'head.hinge'],
    'at the latch end than at the hinges',
    'at the hinges than at the latch end',
  ),
  {
    id: 'latchBelly',
    part: 'latch gap',
    combination: { 'latch.mid': 1, 'latch.top': -0.5, 'latch.bottom': -0.5 },
    above: 'latch gap wider in the middle than at the ends',
    below: 'latch gap tighter in the middle than at the ends',
    even: 'latch gap straight',
    compare: 'taper',
  },
  sizeSign<StationId>('hinge gap at the middle', 'hinge.mid', WORDS),
  sizeSign<StationId>('latch gap at the middle', 'latch.mid', WORDS),
  sizeSign<StationId>('hinge gap at the top', 'hinge.top', WORDS),
  sizeSign<StationId>('latch gap at the top', 'latch.top', WORDS),
  sizeSign<StationId>('head gap at the latch end', 'head.latch', WORDS),
  {
    id: 'hingePlumb',
    part: 'hinge leg',
    combination: { 'plumb.hinge': 1 },
    above: 'hinge leg leans toward the latch',
    below: 'hinge leg leans away from the latch',
    even: 'hinge leg plumb',
    compare: 'taper',
  },
  {
    id: 'latchPlumb',
    part: 'latch leg',
    combination: { 'plumb.latch': 1 },
    above: 'latch leg leans away from the hinges',
    below: 'latch leg leans toward the hinges',
    even: 'latch leg plumb',
    compare: 'taper',
  },
  {
    id: 'headLevel',
    part: 'head',
    combination: { 'level.head': 1 },
    above: 'head runs down toward the latch',
    below: 'head runs up toward the latch',
    even: 'head level',
    compare: 'taper',
  },
  {
    id: 'boltLow',
    part: 'bolt',
    combination: { 'bolt.low': 1 },
    above: 'bolt low in the strike',
    below: 'bolt high in the strike',
    even: 'bolt level with the strike',
    compare: 'taper',
  },
];
