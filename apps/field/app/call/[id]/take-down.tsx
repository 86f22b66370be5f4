import { CallTakeDownPage } from '../../../src/pages/bench/latePages';

export default CallTakeDownPage;
