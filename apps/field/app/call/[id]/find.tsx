import { FindPage } from '../../../src/pages/find/FindPage';

export default FindPage;
