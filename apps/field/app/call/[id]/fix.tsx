import { FixPage } from '../../../src/pages/fix/FixPage';

export default FixPage;
