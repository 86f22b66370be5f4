import { router } from 'expo-router';
import { Failure } from '../design/Failure';
import { nameTab } from '../design/nameTab';
import { Page } from '../design/Page';
import { useEffect } from 'react';

/** What stands at an address that is no page of the app. */
export function NoSuchPage() {
  useEffect(() => nameTab('There is no such page'), []);
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
