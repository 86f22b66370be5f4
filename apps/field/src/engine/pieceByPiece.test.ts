import { engineFunction } from '@proper-swing/contract/engine';
import type { Stepwise } from '@proper-swing/core';
import type { Correction } from '@proper-swing/core/doors';
import { pieceByPiece } from './pieceByPiece';

const plan = engineFunction('hinged.plan');
const planning = () => plan?.inSteps?.(plan.example as never) as Stepwise<Correction>;

describe('work done a piece at a time', () => {
  it('gives the plan that is given in one piece, and tells of more and more done', async () => {
    const told: number[] = [];
    const correction = await pieceByPiece(
      planning(),
      (share) => told.push(share),
      () => true,
      0,
    );
    expect(correction).toEqual(plan?.run(plan.example as never));
    expect(told.length).toBeGreaterThan(3);
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(told[told.length - 1]).toBe(1);
  });

  it('lets others have their turn between two pieces', async () => {
    let turns = 0;
    const other = setInterval(() => (turns += 1), 0);
    await pieceByPiece(
      planning(),
      () => undefined,
      () => true,
      0,
    );
    clearInterval(other);
    expect(turns).toBeGreaterThan(0);
  });

  it('does no further piece once it is stopped', async () => {
    let pieces = 0;
    function* counted(): Stepwise<string> {
      while (pieces < 100) yield (pieces += 1) / 100;
      return 'done';
    }
    const stopped = pieceByPiece(
      counted(),
      () => undefined,
      () => pieces < 3,
      0,
    );
    await expect(stopped).rejects.toThrow('stopped');
    expect(pieces).toBe(3);
  });
});
