import { GRAVITY } from '../../numbers/gravity';
import { panelMass, type GlazedPanel } from './panelMass';

/** What it takes to pull a panel along, as a share of its weight. */
export const EFFORT_RANGES = ['free', 'dirty', 'stiff', 'stuck'] as const;
export type EffortRange = (typeof EFFORT_RANGES)[number];

/** Where each range ends (common practice, no source). */
export const EFFORT_ENDS: Readonly<Record<Exclude<EffortRange, 'stuck'>, number>> = { free: 0.06, dirty: 0.1, stiff: 0.2 };
/** A clean track and wheels that spin (common practice, no source). */
const SOUND_COEFFICIENT = 0.035;

export const TRACK_STATES = ['clean', 'dirty', 'damaged', 'notLooked'] as const;
export const WHEEL_STATES = ['spin', 'stiff', 'seized', 'worn', 'notLooked'] as const;
export type TrackState = (typeof TRACK_STATES)[number];
export type WheelState = (typeof WHEEL_STATES)[number];

export const EFFORT_STEPS = ['clean', 'adjust', 'lubricate', 'replace', 'mendTrack', 'look', 'leave'] as const;
export type EffortStep = (typeof EFFORT_STEPS)[number];

/** A pull and what was seen; forces in N. */
export interface PulledPanel {
  panel: GlazedPanel;
  /** On a scale, where it was weighed. */
  massKg?: number;
  pullN: number;
  /** The pull after the last piece of work. */
  pullAfterN?: number;
  track: TrackState;
  wheels: WheelState;
  /** Least gap under the panel, mm. */
  footGapMm?: number;
  isLubricated: boolean;
  rollersCost?: number;
  doorCost?: number;
}

export interface Effort {
  massKg: number;
  coefficient: number;
  range: EffortRange;
  /** After the last work, where it was pulled again. */
  after?: { coefficient: number; range: EffortRange; lessByShare: number };
  /** What it would take on a clean track with wheels that spin, N. */
  soundN: number;
  next: EffortStep;
  because: string;
  /** What comes after it if that does not do, in order. */
  then: EffortStep[];
  /** Rollers against a new door, as a share, where both prices are known. */
  costShare?: number;
}

/** Under so little it scrapes now and then, mm. */
const SCRAPES_BELOW_MM = 1;
/** No door is sold for less than the smallest coin. */
const LEAST_COST = 0.01;

interface Known extends PulledPanel {
  range: EffortRange;
}

/** The first that holds is done next: what is cheap and undone comes first, what is bought last. Common practice, no source. */
export const EFFORT_RULES: readonly { step: EffortStep; because: string; holds: (known: Known) => boolean }[] = [
  {
    step: 'leave',
    because: 'It runs free, and nothing was seen that will not last.',
    holds: ({ range, wheels, track }) =>
      range === 'free' && wheels !== 'seized' && wheels !== 'worn' && track !== 'damaged' && track !== 'dirty',
  },
  {
    step: 'clean',
    because: 'The track is dirty: eight minutes, and every other reading may change.',
    holds: ({ track }) => track === 'dirty',
  },
  {
    step: 'look',
    because: 'Nobody has looked along the track: dirt is the commonest cause and the cheapest.',
    holds: ({ track }) => track === 'notLooked',
  },
  {
    step: 'adjust',
    because: 'The panel scrapes: it is raised before anything is bought.',
    holds: ({ footGapMm }) => footGapMm !== undefined && footGapMm < SCRAPES_BELOW_MM,
  },
  { step: 'mendTrack', because: 'The track is damaged: new wheels would be worn by it.', holds: ({ track }) => track === 'damaged' },
  {
    step: 'look',
    because: 'Nobody has turned the wheels: spinning or not decides between a drop of silicone and new ones.',
    holds: ({ wheels }) => wheels === 'notLooked',
  },
  {
    step: 'replace',
    because: 'A wheel that does not turn or wobbles on its axle is not freed for long.',
    holds: ({ wheels }) => wheels === 'seized' || wheels === 'worn',
  },
  {
    step: 'lubricate',
    because: 'The wheels turn unwillingly: silicone on the axle from both sides.',
    holds: ({ wheels, isLubricated }) => wheels === 'stiff' && !isLubricated,
  },
  { step: 'replace', because: 'Lubricated and still stiff: the axles are worn.', holds: ({ wheels }) => wheels === 'stiff' },
  {
    step: 'adjust',
    because: 'Track and wheels are in order: look whether it scrapes, or the head or a strip holds it.',
    holds: () => true,
  },
];

const ORDER: readonly EffortStep[] = ['clean', 'adjust', 'lubricate', 'replace'];

export function effortRange(coefficient: number): EffortRange {
  return coefficient <= EFFORT_ENDS.free
    ? 'free'
    : coefficient <= EFFORT_ENDS.dirty
      ? 'dirty'
      : coefficient <= EFFORT_ENDS.stiff
        ? 'stiff'
        : 'stuck';
}

/**
 * Effective coefficient of rolling, pull ÷ (m·g), and what to do about it.
 *
 * Source: Coulomb's law for a body drawn along a level; ranges and order of work are common practice, no source.
 */
export function judgeEffort(pulled: PulledPanel): Effort {
  const massKg = pulled.massKg ?? panelMass(pulled.panel);
  const weightN = massKg * GRAVITY;
  const coefficient = pulled.pullN / weightN;
  const latest = (pulled.pullAfterN ?? pulled.pullN) / weightN;
  const known = { ...pulled, range: effortRange(latest) };
  const rule = EFFORT_RULES.find(({ holds }) => holds(known));
  const next = rule?.step ?? 'adjust';
  const at = ORDER.indexOf(next);
  const { rollersCost, doorCost } = pulled;
  return {
    massKg,
    coefficient,
    range: effortRange(coefficient),
    ...(pulled.pullAfterN !== undefined && {
      after: { coefficient: latest, range: effortRange(latest), lessByShare: 1 - pulled.pullAfterN / pulled.pullN },
    }),
    soundN: SOUND_COEFFICIENT * weightN,
    next,
    because: rule?.because ?? '',
    then: next === 'leave' || next === 'look' ? [] : ORDER.slice(at + 1),
    ...(rollersCost !== undefined && doorCost !== undefined && doorCost >= LEAST_COST && { costShare: rollersCost / doorCost }),
  };
}
