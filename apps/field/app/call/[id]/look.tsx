import { LookPage } from '../../../src/features/look/LookPage';

export default LookPage;
