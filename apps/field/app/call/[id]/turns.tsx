import { CallSessionPage } from '../../../src/features/bench/latePages';

export default CallSessionPage;
