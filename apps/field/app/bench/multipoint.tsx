import { BenchSessionPage } from '../../src/features/multipoint/SessionPages';

export default BenchSessionPage;
