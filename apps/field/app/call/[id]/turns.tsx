import { CallSessionPage } from '../../../src/pages/bench/latePages';

export default CallSessionPage;
