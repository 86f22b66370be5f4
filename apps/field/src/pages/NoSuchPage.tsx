import { router } from 'expo-router';
import { Failure } from '../design/Failure';
import { Page } from '../design/Page';

/** What stands at an address that is no page of the app. */
export function NoSuchPage() {
  return (
    <Page>
      <Failure
        title="There is no such page"
        says="The address may be of an earlier program, or mistyped. Nothing is lost."
        onward="To today’s calls"
        onOnward={() => router.replace('/')}
      />
    </Page>
  );
}
