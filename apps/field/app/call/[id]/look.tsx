import { LookPage } from '../../../src/pages/look/LookPage';

export default LookPage;
