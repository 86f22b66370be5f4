import { SitesPage } from '../src/pages/book/SitesPage';

export default SitesPage;
