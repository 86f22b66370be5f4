import { seededRandom } from '@proper-swing/core';
import { findTicks } from '@proper-swing/core/sheets';
import { drawTicks } from '../src/sliding/tickPasses';
import { byNaiveRule, byPeriodogram } from '../src/sliding/tickRules';

/** npm run bench:ticks -- --seed 1 --cases 1000: track or wheel on made-up panels, beside a periodogram and a rule of thumb. Printed, not judged. */
const argument = (name: string, otherwise: string) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : (process.argv[at + 1] ?? otherwise);
};
const seed = Number(argument('seed', '1'));
const cases = Number(argument('cases', '1000'));

/** A spot and a wheel at once, or two wheels, are either's: right is what names one that is there, and no other. */
const isRight = (truth: string, said: string) =>
  said === truth || (truth === 'twoWheels' && said === 'wheel') || (truth === 'both' && (said === 'wheel' || said === 'track'));

for (const isHard of [false, true]) {
  const found = { right: 0, silent: 0, periodogram: 0, naive: 0, exact: 0 };
  const millis: number[] = [];
  const errors: number[] = [];
  for (let n = 0; n < cases; n += 1) {
    const made = drawTicks(seededRandom(seed * 1_000_003 + n * 2 + (isHard ? 1 : 0)), isHard);
    const begun = performance.now();
    const { verdict, wheels } = findTicks(made.heard);
    millis.push(performance.now() - begun);
    if (verdict === 'cannotTell' || verdict === 'nothing') found.silent += 1;
    else if (isRight(made.truth, verdict)) found.right += 1;
    if (verdict === made.truth) found.exact += 1;
    const [wheel] = wheels;
    if (made.truth === 'wheel' && verdict === 'wheel' && wheel) errors.push(Math.abs(wheel.turnMm / (made.turnsMm[0] ?? 1) - 1));
    const simply = made.truth === 'twoWheels' ? 'wheel' : made.truth;
    if (isRight(simply, byPeriodogram(made.heard))) found.periodogram += 1;
    if (isRight(simply, byNaiveRule(made.heard))) found.naive += 1;
  }
  const told = cases - found.silent;
  const share = (part: number, of: number) => `${((100 * part) / of).toFixed(1)} %`;
  const sorted = (list: number[]) => [...list].sort((a, b) => a - b);
  process.stdout.write(
    [
      `${isHard ? 'hard' : 'plain'}: ${cases} panels`,
      `  right when it tells         ${share(found.right, told)} (asked ${isHard ? 93 : 97} %)`,
      `  says that it cannot tell    ${share(found.silent, cases)}`,
      `  names just what it is       ${share(found.exact, cases)} of all`,
      `  periodogram alone           ${share(found.periodogram, cases)}`,
      `  the same place or not       ${share(found.naive, cases)}`,
      `  spacing of a wheel off by   ${(100 * (sorted(errors)[Math.floor(errors.length / 2)] ?? NaN)).toFixed(2)} % median`,
      `  one panel                   ${(sorted(millis)[Math.floor(cases / 2)] ?? 0).toFixed(0)} ms median\n`,
    ].join('\n'),
  );
}
