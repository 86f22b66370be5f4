import { router } from 'expo-router';
import { Failure } from '../design/Failure';
import { Page } from '../design/Page';

export interface PageFailureProps {
  error: Error;
  retry: () => Promise<void>;
  /** Opens the page anew. */
  reload?: () => void;
}

/** A part of the program that could not be fetched: it was renewed on the server since this page was opened, or there is no signal. */
const isMissingPart = (error: Error) =>
  /loading module|imported module|importing a module|failed to fetch|LoadBundleFromServer|ChunkLoad/i.test(
    `${error.name} ${error.message}`,
  );

/** What a page shows in place of itself when it breaks: never nothing. */
export function PageFailure({ error, retry, reload = () => window.location.reload() }: PageFailureProps) {
  return (
    <Page>
      {isMissingPart(error) ? (
        <Failure
          title="A part of the program is missing"
          says="It has been renewed since this page was opened, or there is no signal. What you wrote is kept on this device. Open it anew."
          onward="Open it anew"
          onOnward={reload}
        />
      ) : (
        <Failure
          title="This page broke"
          says={`What you wrote is kept on this device. Try the page again; if it breaks again, go back to today’s calls. (${error.message})`}
          onward="Try again"
          onOnward={() => {
            router.navigate('/');
            void retry();
          }}
        />
      )}
    </Page>
  );
}
