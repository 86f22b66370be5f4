import { HowPage } from '../src/pages/how/HowPage';

export default HowPage;
