import { lazy, Suspense, type ComponentType } from 'react';
import type * as pages from './pages';

type Pages = typeof pages;

/** A page whose script is fetched when it is first opened. */
function late<Props extends object = object>(pick: (all: Pages) => ComponentType<Props>): ComponentType<Props> {
  const Page = lazy(async () => ({ default: pick(await import('./pages')) }));
  return function LatePage(props: Props) {
    return (
      <Suspense fallback={null}>
        <Page {...props} />
      </Suspense>
    );
  };
}

export const BenchPage = late((all) => all.BenchPage);
export const SheetPage = late((all) => all.SheetPage);
export const TakeDownPage = late((all) => all.TakeDownPage);
export const CallTakeDownPage = late((all) => all.CallTakeDownPage);
export const CallSheetPage = late((all) => all.CallSheetPage);
export const BenchSessionPage = late((all) => all.BenchSessionPage);
export const CallSessionPage = late((all) => all.CallSessionPage);
export const CallSheets = late((all) => all.CallSheets);
