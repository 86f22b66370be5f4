import { router } from 'expo-router';

/** To where one came from; to the day where a page was opened by its address. */
export function goBack(): void {
  if (router.canGoBack()) router.back();
  else router.navigate('/');
}
