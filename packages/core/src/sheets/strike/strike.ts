import { DomainError } from '../../errors';
import { FILED_ROOM_MM, FILE_UP_TO_MM, STRIKE_ACTIONS, TAB_UP_TO_MM } from '../../hinged/tables/strikeActions';

/** A latch or bolt against its strike; lengths in mm. */
export interface LatchAtStrike {
  /** Height of the bolt's head and of the hole in the strike. */
  boltHeightMm: number;
  holeHeightMm: number;
  /** Thickness of the bolt across the door and width of the hole. */
  boltThicknessMm: number;
  holeWidthMm: number;
  /** How far the bolt stands out of the slab's edge. */
  throwMm: number;
  /** Gap between slab and leg at the bolt. */
  gapMm: number;
  /** How far the strike's face lies below the leg's face; − when proud. */
  strikeSunkMm: number;
  /** Depth of the bore behind the strike's face. */
  boreMm: number;
  /** Where the bolt's middle lies below the hole's middle, from the colour mark; − above. */
  lowMm?: number;
  /** When the mark cannot be had: head gaps, from which the drop of the bolt follows. */
  gaps?: { headHingeMm: number; headLatchMm: number; wantedHeadMm: number };
  /** Flat of the bolt against the edge of the hole it closes on: + free play (it rattles), − it must be pushed so far to latch. */
  playMm: number;
  /** Whether the strike has a tab to bend. */
  hasTab?: boolean;
  /** How far the hinges could still lift the latch edge, and let it down, where the plan says they can. */
  liftMm?: number;
  lowerMm?: number;
}

export type StrikeRemedyId =
  'none' | 'liftDoor' | 'fileHole' | 'moveUpDown' | 'bendTab' | 'fileDepth' | 'moveInOut' | 'deepenBore' | 'packStrike' | 'closeGap';

/** One thing to do at door or strike. */
export interface StrikeRemedy {
  id: StrikeRemedyId;
  title: string;
  /** How much, mm; which way is in `way`. */
  mm: number;
  way: '' | 'up' | 'down' | 'in' | 'out' | 'toward the stop' | 'away from the stop';
  minutes: number;
  recheck: string;
  caution?: 'eyes' | 'security' | 'fireDoor';
}

export interface StrikeFit {
  /** Bolt's middle below the hole's middle, mm. */
  lowMm: number;
  /** Whether that was read or follows from the head gaps. */
  lowFrom: 'mark' | 'head gaps';
  /** Free height above and below the bolt in the hole, mm; − it strikes the plate by so much. */
  aboveMm: number;
  belowMm: number;
  /** How far the bolt is inside the strike's face, mm. */
  engagedMm: number;
  /** Room between bolt and bottom of its bore, mm; − it bottoms. */
  boreLeftMm: number;
  latches: boolean;
  /** Least work first; one remedy for each fault. */
  remedies: StrikeRemedy[];
  /** Other ways for the height, dearer ones later. */
  others: StrikeRemedy[];
}

/** Play a latch should have: shuts without a push and does not rattle, mm (common practice, no source). */
export const WANTED_PLAY_MM = 0.4;
/** Least hold of a latch in its strike, mm (common practice, no source: about half an ordinary latch's throw). */
export const LEAST_HOLD_MM = 6;
/** Room a bolt wants at the bottom of its bore, mm (common practice, no source). */
const BORE_ROOM_MM = 1.5;
/** A rattle that is felt, and a push that is felt, mm (common practice, no source). */
const RATTLES_FROM_MM = 1;
const PACK_UP_TO_MM = 3;

/**
 * Where the bolt meets its strike, and the least work for each fault: height, depth and reach.
 *
 * A bolt lies as low as the latch end of the head gap says: low = gap at the latch end − gap wanted (the strike having been set
 * for a true door).
 *
 * @throws DomainError `strike.low` when neither mark nor head gaps are given; `strike.size` when the bolt is larger than the hole
 */
export function fitStrike(latch: LatchAtStrike): StrikeFit {
  const { boltHeightMm, holeHeightMm } = latch;
  if (latch.boltThicknessMm > latch.holeWidthMm)
    throw new DomainError(
      'strike.size',
      'holeWidthMm',
      'The hole is narrower than the bolt is thick: file it or fit another strike first.',
    );
  const { lowMm, lowFrom } = lowOf(latch);
  const room = (holeHeightMm - boltHeightMm) / 2;
  const aboveMm = room + lowMm;
  const belowMm = room - lowMm;
  const engagedMm = latch.throwMm - latch.gapMm - latch.strikeSunkMm;
  const boreLeftMm = latch.boreMm - engagedMm;
  const heights = heightRemedies(latch, lowMm, aboveMm, belowMm);
  const remedies = [...heights.slice(0, 1), ...depthRemedies(latch), ...reachRemedies(latch, engagedMm, boreLeftMm)];
  return {
    lowMm,
    lowFrom,
    aboveMm,
    belowMm,
    engagedMm,
    boreLeftMm,
    latches: aboveMm >= 0 && belowMm >= 0 && latch.playMm >= 0 && engagedMm >= LEAST_HOLD_MM && boreLeftMm >= 0,
    remedies: remedies.length === 0 ? [NOTHING] : remedies,
    others: heights.slice(1),
  };
}

const NOTHING: StrikeRemedy = {
  id: 'none',
  title: 'Leave it: the bolt enters freely and holds',
  mm: 0,
  way: '',
  minutes: 0,
  recheck: 'Close it with one finger.',
};

function lowOf({ lowMm, gaps }: LatchAtStrike): Pick<StrikeFit, 'lowMm' | 'lowFrom'> {
  if (lowMm !== undefined) return { lowMm, lowFrom: 'mark' };
  if (gaps === undefined) throw new DomainError('strike.low', 'lowMm', 'Read the mark of the bolt, or the head gaps at both ends.');
  return { lowMm: gaps.headLatchMm - gaps.wantedHeadMm, lowFrom: 'head gaps' };
}

function heightRemedies(latch: LatchAtStrike, lowMm: number, aboveMm: number, belowMm: number): StrikeRemedy[] {
  const strikes = Math.max(-belowMm, -aboveMm);
  if (strikes <= 0) return [];
  const isLow = lowMm > 0;
  const wanted = strikes + FILED_ROOM_MM;
  // Lifting the door brings the bolt back where the strike was made for; it never needs more than the whole error.
  const lift: StrikeRemedy = {
    id: 'liftDoor',
    title: isLow ? 'Lift the latch edge at the hinges' : 'Let the latch edge down at the hinges',
    mm: Math.min(Math.abs(lowMm), wanted),
    way: isLow ? 'up' : 'down',
    minutes: 10,
    recheck: 'Read the head gap at the latch end, then the mark of the bolt again.',
  };
  const file: StrikeRemedy = {
    id: 'fileHole',
    title: isLow ? 'File the bottom of the hole' : 'File the top of the hole',
    mm: wanted,
    way: isLow ? 'down' : 'up',
    minutes: STRIKE_ACTIONS.fileStrike.minutes.first,
    recheck: 'Colour the bolt and close: the mark clears the edge by half a millimetre.',
    caution: 'eyes',
  };
  const move: StrikeRemedy = {
    id: 'moveUpDown',
    title: isLow ? 'Move the strike down' : 'Move the strike up',
    mm: Math.abs(lowMm),
    way: isLow ? 'down' : 'up',
    minutes: STRIKE_ACTIONS.moveStrike.minutes.first,
    recheck: 'One screw first; try the latch; then the rest.',
    caution: 'security',
  };
  const canLift = ((isLow ? latch.liftMm : latch.lowerMm) ?? 0) >= lift.mm;
  return [...(canLift ? [lift] : []), ...(wanted <= FILE_UP_TO_MM ? [file] : []), move];
}

function depthRemedies({ playMm, hasTab = false }: LatchAtStrike): StrikeRemedy[] {
  const rattles = playMm > RATTLES_FROM_MM;
  if (!rattles && playMm >= 0) return [];
  const mm = Math.abs(playMm - WANTED_PLAY_MM);
  const way = rattles ? 'toward the stop' : 'away from the stop';
  if (hasTab && mm <= TAB_UP_TO_MM)
    return [
      {
        id: 'bendTab',
        title: 'Bend the strike’s tab',
        mm,
        way,
        minutes: STRIKE_ACTIONS.bendTab.minutes.first,
        recheck: 'Close with one finger; try to rattle it.',
      },
    ];
  if (!rattles && mm <= FILE_UP_TO_MM)
    return [
      {
        id: 'fileDepth',
        title: 'File the edge the bolt closes on',
        mm,
        way,
        minutes: STRIKE_ACTIONS.fileStrike.minutes.first,
        recheck: 'Close with one finger; it latches without a push.',
        caution: 'eyes',
      },
    ];
  return [
    {
      id: 'moveInOut',
      title: rattles ? 'Move the strike in toward the stop' : 'Move the strike out from the stop',
      mm,
      way,
      minutes: STRIKE_ACTIONS.moveStrikeDepth.minutes.first,
      recheck: 'One screw first; close with one finger; try to rattle it.',
      caution: 'security',
    },
  ];
}

function reachRemedies({ strikeSunkMm }: LatchAtStrike, engagedMm: number, boreLeftMm: number): StrikeRemedy[] {
  if (boreLeftMm < 0)
    return [
      {
        id: 'deepenBore',
        title: 'Deepen the bore behind the strike',
        mm: BORE_ROOM_MM - boreLeftMm,
        way: 'in',
        minutes: 8,
        recheck: 'Throw the bolt fully with the door shut.',
        caution: 'eyes',
      },
    ];
  const short = LEAST_HOLD_MM - engagedMm;
  if (short <= 0) return [];
  if (short <= Math.max(PACK_UP_TO_MM, strikeSunkMm))
    return [
      {
        id: 'packStrike',
        title: 'Pack the strike out from the leg',
        mm: short,
        way: 'out',
        minutes: 10,
        recheck: 'Read the latch gap: the strike must not touch the slab.',
      },
    ];
  return [
    {
      id: 'closeGap',
      title: 'Bring the slab toward the latch leg at the hinges',
      mm: short,
      way: 'out',
      minutes: 20,
      recheck: 'Read the latch gap top, middle and bottom; then how far the bolt enters.',
      caution: 'security',
    },
  ];
}
