import { BenchPage } from '../../src/features/bench/latePages';

export default BenchPage;
