import { lazy, Suspense, type ComponentType } from 'react';

type Pages = typeof import('./pages');

/** A page whose script is fetched when it is first opened. */
function late(pick: (pages: Pages) => ComponentType): ComponentType {
  const Page = lazy(async () => ({ default: pick(await import('./pages')) }));
  return function LatePage() {
    return (
      <Suspense fallback={null}>
        <Page />
      </Suspense>
    );
  };
}

export const BenchPage = late((pages) => pages.BenchPage);
export const SheetPage = late((pages) => pages.SheetPage);
export const CallSheetPage = late((pages) => pages.CallSheetPage);
export const BenchSessionPage = late((pages) => pages.BenchSessionPage);
export const CallSessionPage = late((pages) => pages.CallSessionPage);
