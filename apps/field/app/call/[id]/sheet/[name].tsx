import { CallSheetPage } from '../../../../src/features/bench/latePages';

export default CallSheetPage;
