import { Slot, type ErrorBoundaryProps } from 'expo-router';
import { PageFailure } from '../src/pages/PageFailure';
import { Providers } from '../src/Providers';

export default function RootLayout() {
  return (
    <Providers>
      <Slot />
    </Providers>
  );
}

/** What stands in place of a page that breaks. */
export function ErrorBoundary({ error, retry }: ErrorBoundaryProps) {
  return (
    <Providers>
      <PageFailure error={error} retry={retry} />
    </Providers>
  );
}
