import { BenchSessionPage } from '../../src/pages/bench/latePages';

export default BenchSessionPage;
