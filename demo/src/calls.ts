import type { DemoCall } from './workshop';

const EVEN = { 'hinge.top': 2, 'hinge.mid': 2.2, 'hinge.bottom': 2, 'head.hinge': 3, 'head.mid': 3, 'head.latch': 3.2, 'latch.top': 2.8, 'latch.mid': 3, 'latch.bottom': 3.2 } as const;

export const CALLS: readonly DemoCall[] = [
  // Today.
  { door: 'kitchen', day: 0, at: '08:30', state: 'open', complaint: 'Catches at the top when it shuts, and you have to lift the handle.' },
  {
    door: 'store', day: 0, at: '10:50', state: 'open', complaint: 'Springs back open, never stays shut.',
    findings: { complaint: 'springsBack', springBack: 'yes' },
    found: { 'latch.bottom': 4.8, 'latch.mid': 4.6, 'latch.top': 4.7, 'head.latch': 3, 'head.mid': 3.2, 'head.hinge': 3, 'hinge.top': 0.4 },
    notes: ['Painted over at the hinges in the summer.'],
  },
  {
    door: 'back', day: 0, at: '13:30', state: 'open', complaint: 'Jams all down the handle side since the rain came.',
    findings: { complaint: 'sticksWhenWet', season: 'worseWet', event: 'gradual' },
    found: { 'latch.bottom': 0.6, 'latch.mid': 'rubs', 'latch.top': 0.4, 'head.latch': 2.6, 'head.mid': 2.8, 'head.hinge': 2.9, 'hinge.top': 3, 'hinge.mid': 2.8, 'hinge.bottom': 2.9 },
  },
  { door: 'stair', day: 0, at: '15:30', state: 'open', complaint: 'Drags over the last hand’s width; closer cannot shut it.', findings: { complaint: 'wontLatch', topScrews: 'loose' },
    found: { 'latch.bottom': 4.6, 'latch.mid': 2.7, 'latch.top': 0.8, 'head.latch': 4.6, 'head.mid': 3.9, 'head.hinge': 3, 'hinge.top': 4.9, 'hinge.mid': 3.9, 'hinge.bottom': 3 } },
  // Still open from before.
  { door: 'pantry', day: -2, at: '16:00', state: 'open', complaint: 'Leans in its frame; daylight over the top corner.',
    findings: { event: 'building' },
    found: { 'latch.bottom': 3.2, 'latch.mid': 3, 'latch.top': 2.9, 'head.latch': 6.4, 'head.mid': 4.8, 'head.hinge': 3, 'hinge.top': 2, 'hinge.mid': 2.1, 'hinge.bottom': 1.9, 'plumb.hinge': 9, 'level.head': 0.5 },
    notes: ['Crack at the corner of the plaster: asked the owner whether it is growing.'] },
  // Coming.
  { door: 'front', day: 1, at: '09:00', state: 'open', complaint: 'Hooks will not reach unless you pull it in.' },
  { door: 'flat7', day: 1, at: '11:15', state: 'open', complaint: 'Rubs low down at the handle side.' },
  { door: 'classroom', day: 3, at: '15:45', state: 'open', complaint: 'Yearly look at the gaps.' },
  // Done.
  {
    door: 'committee', day: -1, at: '09:15', state: 'done', complaint: 'Rubs at the top since the market weekend.',
    findings: { complaint: 'rubsLatchTop', topScrews: 'loose', liftPlay: 'some', event: 'gradual' },
    found: { 'latch.bottom': 4.4, 'latch.mid': 2.5, 'latch.top': 'rubs', 'head.latch': 4.7, 'head.mid': 3.9, 'head.hinge': 3, 'hinge.top': 4.6, 'hinge.mid': 3, 'hinge.bottom': 1.9 },
    done: [
      { action: 'tighten', hinge: 'top', planned: 1, amount: 1, remark: 'Two of three turned half round.' },
      { action: 'shimStrip', hinge: 'bottom', planned: 1, amount: 1 },
    ],
    left: { ...EVEN, 'latch.bottom': 3.4, 'latch.top': 2.7, 'hinge.bottom': 2.6 },
    notes: ['Told the caretaker to look at the screws again at midsummer.'],
  },
  {
    door: 'committee', day: -400, at: '14:00', state: 'done', complaint: 'New carpet, cut to clear.',
    found: { ...EVEN, 'foot.hinge': 3, 'foot.mid': 2.5, 'foot.latch': 2 },
    left: { ...EVEN, 'foot.hinge': 9, 'foot.mid': 9, 'foot.latch': 8.5 },
  },
  {
    door: 'bathroom', day: -6, at: '10:00', state: 'done', complaint: 'Will not latch.',
    findings: { complaint: 'wontLatch', topScrews: 'spinning', liftPlay: 'much' },
    found: { 'latch.bottom': 4.2, 'latch.mid': 2.4, 'latch.top': 0.4, 'head.latch': 5.2, 'head.mid': 4.1, 'head.hinge': 3, 'hinge.top': 4.8, 'hinge.bottom': 1.8, 'bolt.low': 4 },
    done: [{ action: 'longScrew', hinge: 'top', planned: 1, amount: 1, remark: '70 mm, bit well.' }],
    left: { 'latch.bottom': 3, 'latch.mid': 2.9, 'latch.top': 2.6, 'head.latch': 3.3, 'head.mid': 3.1, 'head.hinge': 3, 'hinge.top': 2.2, 'hinge.bottom': 1.9, 'bolt.low': 0.5 },
  },
  {
    door: 'kiln', day: -9, at: '08:00', state: 'done', complaint: 'Scrapes the frame at the top.',
    findings: { topScrews: 'loose' },
    found: { 'latch.bottom': 5.4, 'latch.mid': 3.3, 'latch.top': 0.9, 'head.latch': 5.6, 'head.mid': 4.6, 'head.hinge': 3.4, 'hinge.top': 5.6, 'hinge.mid': 4.2, 'hinge.bottom': 3.1 },
    done: [{ action: 'tighten', hinge: 'top', planned: 1, amount: 1 }],
    left: { 'latch.bottom': 3.7, 'latch.mid': 3.3, 'latch.top': 2.9, 'head.latch': 3.7, 'head.mid': 3.5, 'head.hinge': 3.3, 'hinge.top': 3.3, 'hinge.mid': 3.2, 'hinge.bottom': 3 },
  },
  {
    door: 'kitchen', day: -220, at: '11:30', state: 'done', complaint: 'Squeaks; gaps taken while there.',
    found: EVEN,
    left: { ...EVEN, 'hinge.top': 2.2 },
    notes: ['Oiled the pins. Gaps written down so that we can see what moves.'],
  },
  {
    door: 'stage', day: -13, at: '17:00', state: 'done', complaint: 'Tight in the leg since the leg was knocked by a trolley.',
    findings: { event: 'blow' },
    found: { 'latch.bottom': 5.2, 'latch.mid': 3.4, 'latch.top': 1.6, 'head.latch': 3.1, 'head.mid': 3.2, 'head.hinge': 3, 'hinge.top': 1.7, 'hinge.mid': 1.6, 'hinge.bottom': 1.7, 'plumb.latch': -4 },
    notes: ['Latch leg to be freed and wedged plumb: quoted, waiting for a date.'],
  },
];
