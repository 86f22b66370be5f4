import { FindPage } from '../../../src/features/find/FindPage';

export default FindPage;
