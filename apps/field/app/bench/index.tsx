import { BenchPage } from '../../src/features/bench/BenchPage';

export default BenchPage;
