import { CallSheetPage } from '../../../../src/pages/bench/latePages';

export default CallSheetPage;
