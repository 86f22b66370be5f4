import { SheetPage } from '../../src/pages/bench/latePages';

export default SheetPage;
