import { cpus } from 'node:os';
import { parseLength, type Observed } from '../src';
import { diagnose, planCorrections } from '../src/engine';
import { EXAMPLE_DOOR, SAGGING_READINGS } from '../src/hinged/exampleDoor';
import { ADJUSTABLE_HINGES, LOCKING_GAP, USUAL_CAM } from '../src';
import { nextTurns, weighDrift, type DriftedDoor, type MultipointSession } from '../src/sheets';

/** Prints median and slowest milliseconds of the core's main functions, after a warm-up. */
const observed: Observed = { door: EXAMPLE_DOOR, readings: SAGGING_READINGS, findings: [{ finding: 'topScrews', answer: 'loose' }] };
const fourHinges: Observed = { ...observed, door: { ...EXAMPLE_DOOR, hingeHeightsMm: [165, 600, 1200, 1750] } };

const drifting: DriftedDoor = {
  ...{ slabWidthMm: 762, slabHeightMm: 1981, thicknessMm: 44, massKg: 28, hingeHeightsMm: [165, 990, 1750], opensToDeg: 90 },
  ...{ acrossMm: 8, test: { fromDeg: 45, did: 'opens' } },
};
const session: MultipointSession = {
  door: { slabWidthMm: 900, slabHeightMm: 2050, hingeHeightsMm: [180, 1020, 1860] },
  ...{ hinge: ADJUSTABLE_HINGES.twoWay, cam: USUAL_CAM, wanted: { ...LOCKING_GAP, footMm: 3, headMm: 3 } },
  ...{ found: { latchTopMm: 10, latchBottomMm: 9, footMm: 6 }, goes: [], keepGoes: [] },
};

function time(title: string, runs: number, work: () => unknown): void {
  for (let i = 0; i < Math.min(runs, 20); i += 1) work();
  const taken = Array.from({ length: runs }, () => {
    const begun = performance.now();
    work();
    return performance.now() - begun;
  }).sort((a, b) => a - b);
  const at = (share: number) => (taken[Math.min(taken.length - 1, Math.floor(share * taken.length))] ?? 0).toFixed(2).padStart(9);
  process.stdout.write(`${title.padEnd(44)}${at(0.5)}${at(0.95)}${at(1)}\n`);
}

process.stdout.write(`${cpus()[0]?.model ?? ''}, Node.js ${process.versions.node}\n`);
process.stdout.write(`${'milliseconds'.padEnd(44)}${'median'.padStart(9)}${'95 %'.padStart(9)}${'slowest'.padStart(9)}\n`);
time('parse a length', 2000, () => parseLength('6\' 8 1/2"'));
time('diagnose, nothing read', 200, () => diagnose({ ...observed, readings: [], findings: [] }));
time('diagnose, nine gaps and one finding', 200, () => diagnose(observed));
time('drift from a level and a test', 60, () => weighDrift(drifting));
time('drift, with where it came to rest', 10, () => weighDrift({ ...drifting, test: { fromDeg: 45, did: 'opens', restDeg: 80 } }));
time('next turns of a multipoint door', 500, () => nextTurns(session));
time('plan, three hinges', 60, () => planCorrections(observed));
time('plan, four hinges', 30, () => planCorrections(fourHinges));
