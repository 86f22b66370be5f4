import { ProvePage } from '../../../src/pages/prove/ProvePage';

export default ProvePage;
