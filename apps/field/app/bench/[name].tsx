import { SheetPage } from '../../src/features/bench/latePages';

export default SheetPage;
