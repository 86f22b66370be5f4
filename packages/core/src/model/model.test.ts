import { HATCH, hatch } from '../hatch.fixture';
import { minutesOf, setsSlab, type ActionEffect } from './action';
import { modelOf } from './doorModel';
import { answerChances, columnDistance, jointAnswerChances } from './finding';
import { stateLayout } from './layout';
import { shareOf } from './moves';
import { planedOff } from './planingLine';
import { unevenBeyond } from './profile';

describe('the layout of a state', () => {
  const layout = stateLayout(['left', 'right'], ['gap.left', 'gap.right']);

  it('has the parameters first, unevenness behind them, magnitudes behind the state', () => {
    expect([layout.parameterCount, layout.size]).toEqual([2, 4]);
    expect([layout.parameterAt('left'), layout.parameterAt('right')]).toEqual([0, 1]);
    expect([layout.unevennessAt('gap.left'), layout.unevennessAt('gap.right'), layout.unevennessAt('bolt')]).toEqual([2, 3, undefined]);
    expect([layout.magnitudeAt(0), layout.magnitudeAt(2)]).toEqual([4, 6]);
  });

  it('names a parameter that there is not', () => expect(() => layout.parameterAt('top')).toThrow('no parameter "top"'));
});

describe('a share in a table', () => {
  it('is a number, a figure of the card, or a multiple of one', () => {
    expect([shareOf(2, {}), shareOf('r', { r: 3 }), shareOf({ times: -0.5, of: 'r' }, { r: 3 })]).toEqual([2, 3, -1.5]);
  });

  it('names the figure that the card has not', () => expect(() => shareOf('height', { width: 1 })).toThrow('no figure "height"'));
});

describe('the model of a door', () => {
  const model = modelOf(HATCH, hatch);

  it('is the same for the same card, and another for another', () => {
    expect(modelOf(HATCH, { ...hatch })).toBe(model);
    expect(modelOf(HATCH, { ...hatch, widthMm: 701 })).not.toBe(model);
  });

  it('lets go of the oldest cards rather than keep all', () => {
    for (let widthMm = 1; widthMm <= 9; widthMm += 1) modelOf(HATCH, { ...hatch, widthMm });
    expect(modelOf(HATCH, hatch)).not.toBe(model);
    expect(modelOf(HATCH, hatch).sound).toEqual(model.sound);
  });

  it('foretells a reading by its weights, its unevenness and its offset, padded as asked', () => {
    expect([...model.row('gap.right').coefficients]).toEqual([0, 1, 0, 1]);
    expect([...model.row('gap.right', 2).coefficients]).toEqual([0, 1]);
    expect([...model.row('bolt', 6).coefficients]).toEqual([0, 1, 0, 0, 0, 0]);
    expect([model.row('gap.left').offset, model.row('bolt').offset]).toEqual([0, -2]);
    expect(model.row('bolt')).toBe(model.row('bolt'));
  });

  it('has a sound door of the mean and spread of its tables', () => {
    expect([...model.sound.mean]).toEqual([2, 2, 0, 0]);
    expect(model.sound.cov[0]).toBeCloseTo(0.16, 12);
    expect(model.sound.cov[1]).toBe(0);
    expect(model.sound.cov[10]).toBeCloseTo(0.01, 12);
  });

  it('knows what a card rules out, and the length a level spans', () => {
    expect(model.forbids('packPeg')).toBeUndefined();
    expect(modelOf(HATCH, { ...hatch, pegged: false }).forbids('packPeg')).toEqual({ why: 'This hatch has no pegs.' });
    expect(model.span('gap.left')).toBe(700);
  });

  it.each([
    ['station', 'roof'],
    ['cause', 'ghost'],
    ['finding', 'smell'],
    ['action', 'pray'],
    ['side', 'dark'],
  ] as const)('names the %s that there is not', (what, id) => expect(() => model[what](id)).toThrow(`"${id}"`));
});

describe('work', () => {
  const minutes = { first: 10, each: 4 };

  it('takes its first minutes once and each further unit its own, whichever way it goes', () => {
    expect([1, 2, 3, -3].map((amount) => minutesOf({ minutes }, amount))).toEqual([10, 14, 18, 18]);
  });

  it('sets the slab when it moves it at a place or whole, and not otherwise', () => {
    const effects: ActionEffect[] = [
      { kind: 'shift', mmPerUnit: 1, sdShare: 0 },
      { kind: 'lower', mmPerUnit: 1, sdShare: 0 },
      { kind: 'plane', edge: 'rim' },
      { kind: 'strike', upToMm: 1, leftSdMm: 0 },
      { kind: 'wait', cures: [] },
    ];
    expect(effects.map((effect) => setsSlab({ effect }))).toEqual([true, true, false, false, false]);
  });

  it('a planed line runs straight from end to end', () => {
    const line = { fromMm: 3, toMm: 1 };
    expect([0, 0.25, 0.5, 1].map((f) => planedOff(line, f))).toEqual([3, 2.5, 2, 1]);
  });
});

describe('unevenness of an edge', () => {
  it('is what its figures differ by beyond what is allowed; one figure cannot be uneven', () => {
    expect(unevenBeyond([2, 3.5, 2.5], 1)).toBeCloseTo(0.5, 12);
    expect([unevenBeyond([2, 2.4], 1), unevenBeyond([9], 0), unevenBeyond([], 0)]).toEqual([0, 0, 0]);
  });
});

describe('answers to a check', () => {
  const finding = { chances: { otherwise: [10, 90], loose: [80, 20], swollen: [10, 90], split: [40, 60] } };

  it('come as the column of the cause says, or the ordinary one', () => {
    expect(answerChances(finding, 'loose')).toEqual([0.8, 0.2]);
    expect(answerChances(finding, 'unheard')).toEqual([0.1, 0.9]);
    expect([columnDistance(finding, [80, 20]), columnDistance(finding, [10, 90])]).toEqual([140, 0]);
  });

  it('with several causes follow those that have a say, each by the square of how far it is from the ordinary', () => {
    expect(jointAnswerChances(finding, ['swollen', 'loose'])).toEqual([0.8, 0.2]);
    expect(jointAnswerChances(finding, ['swollen'])).toEqual([0.1, 0.9]);
    const [first = 0] = jointAnswerChances(finding, ['loose', 'split']);
    expect(first).toBeCloseTo((140 ** 2 * 0.8 + 60 ** 2 * 0.4) / (140 ** 2 + 60 ** 2), 12);
  });
});
