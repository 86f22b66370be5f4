import { seededRandom } from '@proper-swing/core';
import { asProgram, randomStart, spaceFrom } from '@proper-swing/core/hinged/asProgram.fixture';
import { searchPlans } from '@proper-swing/core/planning/searchPlans';
import loadHighs from 'highs';
import { cpus } from 'node:os';
import { studyCorrection, studyDiagnosis, type CycleCount, type Ranked } from '../src';

/** npm run bench:doors -- --seed 1 --cases 2000: the tool on doors of the made-up world. Printed, not judged. */
const argument = (name: string, otherwise: number) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const seed = argument('seed', 1);
const cases = argument('cases', 2000);
const clock = () => performance.now();
const say = (text: string) => process.stdout.write(`${text}\n`);
const row = (what: string, figure: string, goal = '') => say(`${what.padEnd(66)}${figure.padStart(18)}${goal.padStart(16)}`);
const percent = (part: number, whole: number) => (whole === 0 ? '–' : `${((100 * part) / whole).toFixed(1)} %`);
const shares = ({ first, three, cases: all }: Ranked) => `${percent(first, all)} / ${percent(three, all)}`;
const cyclesOf = ({ cycles, doors }: CycleCount) => (doors === 0 ? '–' : (cycles / doors).toFixed(2));
const stepsOf = ({ steps, doors }: CycleCount) => (doors === 0 ? '–' : (steps / doors).toFixed(1));
const middle = (list: readonly number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
const progress = (what: string) => (done: number) => {
  if (process.stderr.isTTY && done % 20 === 0) process.stderr.write(`\r${what} ${done}/${cases}`);
};

say(`${cpus()[0]?.model ?? ''}, Node.js ${process.versions.node}; seed ${seed}, ${cases} doors`);
row('', 'here', 'at least');

const found = studyDiagnosis(seed, cases, clock, progress('diagnosis'));
row('everything read: right cause first / within three', shares(found.everything), '88 / 98 %');
row('of two faults at least one named first', percent(found.twoFaults.first, found.twoFaults.cases), '97 %');
row(
  'rotation over the width, rms; all gaps round the door, rms',
  `${found.rotationRms.toFixed(2)}, ${found.gapsRms.toFixed(2)} mm`,
  '0.25, 0.35 mm',
);
row('twelve gaps and the complaint: first / within three', shares(found.gapsAndComplaint), '70 / 90 %');
row('six chosen by the tool: first / within three', shares(found.sixChosen), '74 %');
row('six in walking order: first / within three', shares(found.sixInOrder));
row(
  'readings until a cause is at 90 %, median; in walking order',
  `${middle(found.untilSureChosen)}; ${middle(found.untilSureInOrder)}`,
  '5',
);
row('of causes stated at 90 % or more, right', percent(found.sureRight, found.sureCount), '95 %');

const corrected = studyCorrection(seed, cases, clock, progress('correction'));
row(
  'sags, latch drops, adjustable hinges: true at the first check',
  percent(corrected.settings.trueAtFirst, corrected.settings.doors),
  '88 %',
);
row(
  `cycles to true of ${corrected.ours.doors} doors: ours / ladder / oracle`,
  `${cyclesOf(corrected.ours)} / ${cyclesOf(corrected.ladder)} / ${cyclesOf(corrected.oracle)}`,
  '1.5',
);
row(
  'the same, first plan done as written without a look between steps',
  percent(corrected.unlooked.settings.isTrue, corrected.unlooked.settings.doors),
);
row(`pieces of work a door: ours / ladder / oracle`, [corrected.ours, corrected.ladder, corrected.oracle].map(stepsOf).join(' / '));
row('true at the first check: ours', percent(corrected.ours.trueAtFirst, corrected.ours.doors));
row('true after the first plan as written: ours', percent(corrected.unlooked.all.isTrue, corrected.unlooked.all.doors));
row('true at the first check: ladder', percent(corrected.ladder.trueAtFirst, corrected.ladder.doors));
row(
  'never true within eight cycles: ours / ladder / oracle',
  `${corrected.ours.never} / ${corrected.ladder.never} / ${corrected.oracle.never}`,
);
row('planing proposed where the hinges alone would do: ours', percent(corrected.planedByUs, corrected.hingesWouldDo), 'below 1 %');
row('planing proposed where the hinges alone would do: ladder', percent(corrected.planedByLadder, corrected.hingesWouldDo));
row('"the hinges cannot cure this" said when so', percent(corrected.saidSo, corrected.hingesCannot), '95 %');
row('one diagnosis with pairs, median', `${middle(found.millisDiagnose).toFixed(1)} ms`, '10 ms');
row('one plan, median', `${middle(corrected.millisPlan).toFixed(0)} ms`, '250 ms');
row('one next-best, median', `${middle(found.millisNext).toFixed(0)} ms`, '150 ms');

say('\nStated chance of a cause, and how often it was at work');
for (const { stated, right, count } of found.calibration) {
  if (count > 0) say(`  ${((100 * stated) / count).toFixed(0).padStart(3)} %  ${percent(right, count).padStart(8)}  of ${count}`);
}
say('\nBy cause, everything read: first / within three; cycles to true, true at the first check');
for (const [id, ranked] of [...found.byCause].sort((a, b) => a[0].localeCompare(b[0]))) {
  const own = corrected.byCause.get(id);
  const cycles = own === undefined ? '' : `${cyclesOf(own)} cycles, ${percent(own.trueAtFirst, own.doors)} of ${own.doors}`;
  say(`  ${id.padEnd(20)}${shares(ranked).padStart(20)} of ${String(ranked.cases).padStart(3)}   ${cycles}`);
}

const highs = await loadHighs();
const random = seededRandom(seed);
let ours = 0;
let theirs = 0;
for (let n = 0; n < 100; n += 1) {
  const space = spaceFrom(randomStart(random, n % 2 === 0 ? 1.2 : 0.4));
  const begun = clock();
  searchPlans(space, 1);
  const between = clock();
  highs.solve(asProgram(space), { mip_rel_gap: 0 });
  ours += between - begun;
  theirs += clock() - between;
}
say(
  `\nThe plan search against a general mixed-integer solver (HiGHS): ${(theirs / ours).toFixed(1)} times as fast, ${(ours / 100).toFixed(2)} ms a door`,
);
