import {
  type ActionId,
  type AnsweredFinding,
  type DoneStep,
  type FindingId,
  type HingedDoor,
  profileOf,
  type Reading,
  type StationId,
} from '@proper-swing/core';

/** What a technician without the tool goes by: the last readings, what was looked at, and what has been done. */
export interface LadderSight {
  card: HingedDoor;
  readings: readonly Reading[];
  findings: readonly AnsweredFinding[];
  done: readonly DoneStep[];
}

interface Sight {
  card: HingedDoor;
  mm: (id: StationId) => number;
  says: (finding: FindingId, answer: string) => boolean;
  /** How often an action has been done. */
  tried: (id: ActionId) => number;
}

const LAYER_MM = 0.5;
const HALF_TURN_MM = 0.5;
const layers = (mm: number) => Math.min(5, Math.max(1, Math.round(mm / LAYER_MM)));
/** Differences that a technician leaves alone, mm. */
const LEFT_ALONE = 0.9;

/**
 * One rung after another from the least to the most invasive, each with the rule of thumb a competent technician uses, in
 * order: tighten, fill, long screw, hinge, adjusters, shim by the taper, shim or let in by the width, strike, sides, leg, frame,
 * plane. The first rung that has work to do is done, then the door is checked (common practice, no source).
 */
const RUNGS: readonly ((sight: Sight) => DoneStep[])[] = [
  ({ says, tried }) => (says('topScrews', 'loose') && tried('tighten') < 1 ? [{ action: 'tighten', hinge: 'top', amount: 1 }] : []),
  ({ says, tried }) =>
    says('bottomScrews', 'loose') && tried('tightenBottom') < 1 ? [{ action: 'tightenBottom', hinge: 'bottom', amount: 1 }] : [],
  ({ says, tried }) =>
    (says('topScrews', 'spinning') || says('topScrews', 'someSpin')) && tried('fillHoles') < 1
      ? [{ action: 'fillHoles', hinge: 'top', amount: 1 }]
      : [],
  // The screw is stopped when the gap is even with the hinge below.
  ({ says, tried, mm }) =>
    says('hingeLegFirm', 'gives') && tried('longScrew') < 1
      ? [{ action: 'longScrew', hinge: 'top', amount: 1, until: { station: 'hinge.top', mm: Math.max(1, mm('hinge.bottom')) } }]
      : [],
  ({ says, tried }) => (says('legSound', 'soft') && tried('repairFoot') < 1 ? [{ action: 'repairFoot', hinge: 'bottom', amount: 1 }] : []),
  ({ says, tried }) => (says('legSound', 'split') && tried('repairLeg') < 1 ? [{ action: 'repairLeg', amount: 1 }] : []),
  ({ says, tried }) => (says('pins', 'worn') && tried('replaceHinge') < 1 ? [{ action: 'replaceHinge', hinge: 'top', amount: 1 }] : []),
  ({ card, says, tried, mm }) =>
    says('topLeaves', 'spread') &&
    card.hingeKind === 'butt' &&
    tried('bendKnuckles') < 2 &&
    mm('hinge.top') - mm('hinge.bottom') > LEFT_ALONE
      ? [
          {
            action: 'bendKnuckles',
            hinge: 'top',
            amount: -Math.min(3, Math.max(1, Math.round((mm('hinge.top') - mm('hinge.bottom')) / 0.8))),
          },
        ]
      : [],
  ({ card, mm }) => {
    if (card.hingeKind !== 'adjustable') return [];
    const low = (mm('head.hinge') + mm('head.mid') + mm('head.latch')) / 3 - profileOf(card).edges.head.target;
    const turns = -Math.round(low / HALF_TURN_MM);
    return Math.abs(low) > LEFT_ALONE && turns !== 0 ? [{ action: 'turnHeight', hinge: 'middle', amount: clamp(turns, 8) }] : [];
  },
  ({ card, mm }) => {
    if (card.hingeKind !== 'adjustable') return [];
    const want = profileOf(card).edges.latch.target;
    const off = { top: mm('latch.top') - want, middle: mm('latch.mid') - want, bottom: mm('latch.bottom') - want };
    if (Math.max(Math.abs(off.top), Math.abs(off.bottom), Math.abs(off.middle)) <= LEFT_ALONE) return [];
    return (['top', 'middle', 'bottom'] as const).flatMap((hinge) => {
      const turns = clamp(Math.round(off[hinge] / HALF_TURN_MM), 8);
      return turns === 0 ? [] : [{ action: 'turnSideways' as const, hinge, amount: turns }];
    });
  },
  // A door that is out at the top is packed at the bottom, and the other way round.
  ({ card, mm, tried }) => {
    const taper = mm('hinge.top') - mm('hinge.bottom');
    const headTaper = mm('head.latch') - mm('head.hinge');
    const agrees = Math.sign(taper) === Math.sign(headTaper) || Math.abs(headTaper) < 1;
    if (card.hingeKind === 'adjustable' || Math.abs(taper) <= LEFT_ALONE || !agrees || tried('shim') > 4) return [];
    return [{ action: 'shim', hinge: taper > 0 ? 'bottom' : 'top', amount: layers(Math.abs(taper)) }];
  },
  ({ card, mm, tried }) => {
    const { hinge } = profileOf(card).edges;
    const gap = (mm('hinge.top') + mm('hinge.mid') + mm('hinge.bottom')) / 3;
    if (card.hingeKind === 'adjustable' || tried('shim') + tried('deepen') > 8) return [];
    const names = card.hingeHeightsMm.length === 2 ? (['top', 'bottom'] as const) : (['top', 'middle', 'bottom'] as const);
    if (gap < hinge.min - 0.1) return names.map((name) => ({ action: 'shim' as const, hinge: name, amount: layers(hinge.target - gap) }));
    if (gap > hinge.max + 0.1) return names.map((name) => ({ action: 'deepen' as const, hinge: name, amount: layers(gap - hinge.target) }));
    return [];
  },
  ({ mm, tried }) =>
    Math.abs(mm('bolt.low')) > 2 && tried('moveStrike') + tried('fileStrike') < 3
      ? [{ action: Math.abs(mm('bolt.low')) > 3 ? 'moveStrike' : 'fileStrike', amount: mm('bolt.low') }]
      : [],
  ({ mm, tried }) => {
    const gap = (mm('stop.top') + mm('stop.bottom')) / 2;
    return (gap > 2.2 || gap < 0.1) && Math.abs(mm('stop.top') - mm('stop.bottom')) < 3 && tried('bendTab') < 2
      ? [{ action: 'bendTab', amount: 1 }]
      : [];
  },
  ({ mm, tried, card }) =>
    Math.abs(mm('stop.top') - mm('stop.bottom')) > 3 && tried('moveStop') < 2 && card.hingeKind !== 'adjustable'
      ? [{ action: 'moveStop', amount: 1 }]
      : [],
  ({ says, tried, card }) =>
    (says('halfOpen', 'closes') || says('halfOpen', 'opens')) && tried('bendPin') < 1 && card.hingeKind === 'butt'
      ? [{ action: 'bendPin', hinge: 'top', amount: 1 }]
      : [],
  ({ mm, tried }) => (mm('foot.swing') < 0.6 && tried('trimFoot') < 2 ? [{ action: 'trimFoot', amount: 1 }] : []),
  ({ says, tried }) => (says('handle', 'stiffShut') && tried('turnKeeps') < 1 ? [{ action: 'turnKeeps', amount: 1 }] : []),
  ({ mm, tried }) => {
    const both =
      Math.abs(mm('plumb.hinge')) > 3.5 &&
      Math.abs(mm('plumb.latch')) > 3.5 &&
      Math.sign(mm('plumb.hinge')) === Math.sign(mm('plumb.latch'));
    return both && Math.abs(mm('head.latch') - mm('head.hinge')) > LEFT_ALONE && tried('squareFrame') < 1
      ? [{ action: 'squareFrame', amount: 1 }]
      : [];
  },
  ({ mm, tried }) =>
    (Math.abs(mm('latch.top') - mm('latch.bottom')) > 1.4 ||
      Math.abs(mm('latch.mid') - (mm('latch.top') + mm('latch.bottom')) / 2) > 1.2) &&
    tried('wedgeLatchLeg') < 2
      ? [{ action: 'wedgeLatchLeg', amount: 1 }]
      : [],
  ({ mm, tried }) =>
    Math.abs(mm('hinge.mid') - (mm('hinge.top') + mm('hinge.bottom')) / 2) > 1.2 && tried('wedgeHingeLeg') < 2
      ? [{ action: 'wedgeHingeLeg', amount: 1 }]
      : [],
  ({ mm, tried, card }) =>
    Math.abs(mm('head.latch') - mm('head.hinge')) > 1.2 && tried('scribeHead') + tried('scribeRaise') < 2 && card.slabKind !== 'composite'
      ? [{ action: mm('head.latch') > mm('head.hinge') ? 'scribeRaise' : 'scribeHead', amount: 1 }]
      : [],
  ({ card, mm, tried }) => {
    const { min, target } = profileOf(card).edges.latch;
    const least = Math.min(mm('latch.top'), mm('latch.mid'), mm('latch.bottom'));
    if (least >= min - 0.1 || tried('planeLatch') > 3 || card.slabKind === 'composite') return [];
    const lack = (id: StationId) => Math.max(0, target - 0.5 - mm(id));
    return [{ action: 'planeLatch', amount: 1, planed: { fromMm: lack('latch.top'), toMm: lack('latch.bottom') } }];
  },
  ({ card, mm, tried }) => {
    const { min, target } = profileOf(card).edges.head;
    const least = Math.min(mm('head.hinge'), mm('head.mid'), mm('head.latch'));
    if (least >= min - 0.1 || tried('planeHead') > 3 || card.slabKind === 'composite') return [];
    const lack = (id: StationId) => Math.max(0, target - 0.5 - mm(id));
    return [{ action: 'planeHead', amount: 1, planed: { fromMm: lack('head.hinge'), toMm: lack('head.latch') } }];
  },
];

const clamp = (n: number, most: number) => Math.max(-most, Math.min(most, n));

/** What the ladder does next; nothing when no rung sees work. */
export function nextRung({ card, readings, findings, done }: LadderSight): DoneStep[] {
  const figures = new Map(readings.map((reading) => [reading.station, 'rubs' in reading ? -0.5 : reading.mm]));
  const sight: Sight = {
    card,
    mm: (id) => figures.get(id) ?? 0,
    says: (finding, answer) => findings.some((each) => each.finding === finding && each.answer === answer),
    tried: (id) => done.filter((step) => step.action === id).length,
  };
  for (const rung of RUNGS) {
    const steps = rung(sight);
    if (steps.length > 0) return steps;
  }
  return [];
}
