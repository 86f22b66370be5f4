import { CallSheetPage } from '../../../../src/features/bench/CallSheetPage';

export default CallSheetPage;
