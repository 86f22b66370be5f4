import { asCsv, fullSize, type CutSlab } from './cutFiles';
import { SaveDrawing } from '../SaveDrawing';
import { isOnPaper, templatePages } from './templatePages';

/** The cuts of a slab as files: full size for a printer or a drawing program, offsets for a table. */
export function SaveCuts({ own }: { own: CutSlab }) {
  const { title, hingesOn, cuts } = own;
  return (
    <SaveDrawing
      says={title === '' ? 'Save at full size' : `${title}, at full size`}
      name={['cuts', ...title.toLowerCase().split(' ')].filter(Boolean).join('-')}
      id={title === '' ? '' : `-${hingesOn}`}
      lines={() => fullSize(own)}
      {...(cuts.some(isOnPaper) && { pages: (paper) => templatePages(own, paper) })}
      csv={() => asCsv(own)}
    />
  );
}
