import type { Fitting } from './fitting';
import type { Fit } from './fitOnce';
import { LEAF_EDGES, type LeafEdge } from './leaf';
import { outlineAt } from './outline';

/** Apart, mm: far closer than anything bends. */
const STEP_MM = 40;

/**
 * The fit written again for a general solver, in another way: every edge is kept clear at places a hand apart and at its bends, whatever is cut
 * off elsewhere, and turning is to first order about how the fit turns. Only about where each leaf stands, and what is left
 * of its edges, is taken from the fit.
 */
export function asDenseProgram({ opening, leaves, meetingMm }: Fitting, { leaves: fitted }: Fit): string {
  const rows: string[] = [];
  const costs: string[] = [];
  const free: string[] = [];
  const term = (factor: number, name: string) =>
    Math.abs(factor) < 1e-9 ? '' : `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toFixed(9)} ${name}`;
  const atLeast = (terms: string[], mm: number) => rows.push(` r${rows.length}: ${terms.join(' ')} >= ${mm.toFixed(9)}`);

  const edgeOf = (n: number, edge: LeafEdge) => {
    const { leaf, wishes } = leaves[n] as Fitting['leaves'][number];
    const isSide = edge === 'left' || edge === 'right';
    const lengthMm = Math.max(...(isSide ? leaf.head : leaf.right).map(({ mm }) => mm));
    const tallMm = Math.max(...leaf.head.map(({ mm }) => mm));
    const gaps = fitted[n]?.edges.find((each) => each.edge === edge)?.gaps ?? [];
    const isLeft = (at: number) => at >= (gaps[0]?.at ?? 0) - 1e-9 && at <= (gaps.at(-1)?.at ?? lengthMm) + 1e-9;
    const beside = { left: opening.hingeLeg, right: opening.latchLeg, head: opening.head, foot: opening.floor }[edge];
    const bends = [...gaps, ...leaf[edge]].map(({ at }) => at);
    const steps = Array.from({ length: Math.floor(lengthMm / STEP_MM) }, (_, i) => i * STEP_MM);
    const places = [...new Set([...steps, ...bends, 0, lengthMm])].filter((at) => at >= 0 && at <= lengthMm).sort((a, b) => a - b);
    const kept = places.filter(isLeft).filter((at, i, all) => i === 0 || at - (all[i - 1] ?? 0) > 1e-3);
    const name = `${edge}${n}`;
    const offAt = (at: number, sign: number): string[] => {
      if (wishes[edge].shape === 'line') return [term(sign * (1 - at / lengthMm), `${name}a`), term((sign * at) / lengthMm, `${name}b`)];
      const within = Math.min(kept.at(-1) ?? 0, Math.max(kept[0] ?? 0, at));
      const i = kept.findIndex((place) => place >= within - 1e-9);
      const [before, after] = [kept[Math.max(0, i - 1)] ?? 0, kept[i] ?? at];
      const share = after === before ? 1 : (within - before) / (after - before);
      return [term(sign * share, `${name}p${i}`), ...(i > 0 ? [term(sign * (1 - share), `${name}p${i - 1}`)] : [])];
    };
    const area = () => {
      if (wishes[edge].shape === 'line') return [term(lengthMm / 2, `${name}a`), term(lengthMm / 2, `${name}b`)];
      // Beyond what is left a cut goes on as it is there.
      return kept.map((at, i) => term(((kept[i + 1] ?? 2 * lengthMm - at) - (kept[i - 1] ?? -at)) / 2, `${name}p${i}`));
    };
    return { kept, offAt, area, beside, isSide, tallMm, wish: wishes[edge], outline: leaf[edge] };
  };

  /** Where a point of a leaf stands in the fit, how that changes with its lean, and what is left without. */
  const standing = (n: number, isSide: boolean, tallMm: number, along: number, off: number) => {
    const { xMm = 0, yMm = 0, leansMm = 0 } = fitted[n]?.standing ?? {};
    const [u, v] = isSide ? [off, along] : [along, off];
    const [sin, cos] = [Math.sin(leansMm / tallMm), Math.cos(leansMm / tallMm)];
    const point = { x: xMm + u * cos - v * sin, y: yMm + u * sin + v * cos };
    const turns = (isSide ? -u * sin - v * cos : u * cos - v * sin) / tallMm;
    return { point, turns, constant: (isSide ? u * cos - v * sin : u * sin + v * cos) - turns * leansMm };
  };

  leaves.forEach(({ mayLeanMm }, n) => {
    free.push(`x${n}`, `y${n}`, `t${n}`);
    atLeast([term(1, `t${n}`)], -mayLeanMm);
    atLeast([term(-1, `t${n}`)], -mayLeanMm);
    for (const edge of LEAF_EDGES) {
      const own = edgeOf(n, edge);
      costs.push(...own.area());
      const isMeeting = leaves.length > 1 && edge === (n === 0 ? 'right' : 'left');
      const isLow = edge === 'left' || edge === 'foot';
      for (const at of own.kept) {
        const off = outlineAt(own.outline, at);
        const { point, turns, constant } = standing(n, own.isSide, own.tallMm, at, off);
        const sign = isLow ? 1 : -1;
        const sum = [term(sign, `${own.isSide ? 'x' : 'y'}${n}`), term(sign * turns, `t${n}`), ...own.offAt(at, 1)];
        if (!isMeeting) {
          const against = outlineAt(own.beside, own.isSide ? point.y : point.x);
          atLeast(sum, own.wish.gapMm + (isLow ? against - constant : constant - against));
        } else if (n === 0) {
          const other = edgeOf(1, 'left');
          const { yMm = 0, leansMm = 0 } = fitted[1]?.standing ?? {};
          const there = (point.y - yMm) / Math.cos(leansMm / other.tallMm);
          const met = standing(1, true, other.tallMm, there, outlineAt(other.outline, there));
          const theirs = [term(1, 'x1'), term(met.turns, 't1'), ...other.offAt(there, 1)];
          atLeast([...sum, ...theirs], meetingMm + constant - met.constant);
        }
      }
    }
  });
  return ['Minimize', ` obj: ${costs.join(' ')}`, 'Subject To', ...rows, 'Bounds', ...free.map((name) => ` ${name} free`), 'End'].join(
    '\n',
  );
}
