import { ProvePage } from '../../../src/features/prove/ProvePage';

export default ProvePage;
