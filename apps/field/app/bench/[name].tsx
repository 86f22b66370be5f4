import { SheetPage } from '../../src/features/bench/SheetPage';

export default SheetPage;
