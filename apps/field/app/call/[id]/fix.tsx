import { FixPage } from '../../../src/features/fix/FixPage';

export default FixPage;
