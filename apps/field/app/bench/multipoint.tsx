import { BenchSessionPage } from '../../src/features/bench/latePages';

export default BenchSessionPage;
