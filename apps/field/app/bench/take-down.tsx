import { TakeDownPage } from '../../src/pages/bench/latePages';

export default TakeDownPage;
