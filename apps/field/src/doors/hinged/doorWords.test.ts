import { PROFILE_IDS, toleranceProfile } from '@proper-swing/core';
import { basisWords } from './doorWords';

it('what limits go by is told without what is for the tables alone', () => {
  expect(basisWords('Common practice, no source: 3 mm all round')).toBe('Common practice: 3 mm all round');
  for (const id of PROFILE_IDS) expect(basisWords(toleranceProfile(id).source)).not.toMatch(/from memory|no source/);
});
