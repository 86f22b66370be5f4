import { SitePage } from '../../src/pages/book/SitePage';

export default SitePage;
