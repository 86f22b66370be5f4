import { markHinges } from '../../fitting/marks';
import { hingeMarks, hingesToMark } from '../markFields';
import { sheet } from '../sheet';

export const marksSheet = sheet({
  name: 'fit.marks',
  title: 'Hinge marks on slab and frame',
  request: hingesToMark,
  result: hingeMarks,
  example: { slabHeightMm: 1981, headGapMm: 3, hingeMm: 89, hinges: 3, school: '7/11', leafMm: 2.5 },
  run: markHinges,
});
