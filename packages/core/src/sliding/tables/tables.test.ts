import { PANEL_KINDS } from '../card/panel';
import { SLIDING, slidingModel } from '../slidingDoors';
import { ACTIONS, isActionFor } from './actions';
import { CAUSES, hasCause } from './causes';
import { CAUTIONS } from './cautions';
import { FINDINGS, findingsFor } from './findings';
import { panel } from '../panel.fixture';

describe('the tables of sliding doors', () => {
  it.each(FINDINGS.map((each) => [each.id, each] as const))(
    '%s: every column has a chance for each answer and adds up to 100',
    (_, { answers, chances }) => {
      for (const column of Object.values(chances)) {
        expect(column).toHaveLength(answers.length);
        expect(column.reduce((sum, each) => sum + each, 0)).toBeCloseTo(100, 9);
      }
    },
  );

  it.each(CAUSES.filter(({ id }) => id !== 'runsWell').map((each) => [each.id, each] as const))(
    '%s: the shares of its forms add up to one, and each kind of panel that can have it has what cures it',
    (id, { forms, cures }) => {
      expect(forms.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
      for (const kind of PANEL_KINDS.filter((each) => hasCause(id, each))) {
        expect([kind, cures.filter((action) => isActionFor(action, kind))]).not.toEqual([kind, []]);
      }
    },
  );

  it('every action names cautions that there are, and every caution stands at some step or warning', () => {
    const named = new Set(ACTIONS.flatMap(({ cautions }) => cautions as readonly string[]));
    for (const id of named) expect(Object.keys(CAUTIONS)).toContain(id);
    expect([...named].sort()).toEqual(Object.keys(CAUTIONS).sort());
  });

  it('what hangs has no rollers below, and what rolls no hangers', () => {
    const asked = (kind: 'glass' | 'pocket') => findingsFor(kind).map(({ id }) => id);
    expect(asked('glass')).not.toContain('clip');
    expect(asked('pocket')).not.toContain('screws');
    expect(slidingModel(panel('glass')).forbids('turnHanger')).toMatchObject({ isObvious: true });
    expect(slidingModel(panel('pocket')).forbids('turnScrew')).toMatchObject({ isObvious: true });
  });

  it('glass is warned of before any advice', () => {
    expect(SLIDING.warnings(panel('glass'))).toEqual([CAUTIONS.glass]);
    expect(SLIDING.warnings(panel('bypass'))).toEqual([]);
  });
});
