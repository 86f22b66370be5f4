import { BenchPage } from '../../src/pages/bench/latePages';

export default BenchPage;
