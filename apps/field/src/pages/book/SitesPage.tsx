import { useSiteList } from '../../offline/book';
import { SITE_COLUMNS } from './bookColumns';
import { BookPage } from './BookPage';

export const SitesPage = () => (
  <BookPage
    title="Sites"
    columns={SITE_COLUMNS}
    useList={useSiteList}
    keyOf={({ site }) => site.id}
    leadsTo={({ site }) => `/site/${site.id}`}
    testID="site"
  />
);
