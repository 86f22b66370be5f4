// What the bench and its sheets need is one script of its own, fetched when the first of these pages opens.
export { BenchSessionPage, CallSessionPage } from '../../sheets/multipoint/SessionPages';
export { CallSheets } from './CallSheets';
export { BenchPage } from './BenchPage';
export { CallSheetPage } from './CallSheetPage';
export { SheetPage } from './SheetPage';
export { CallTakeDownPage, TakeDownPage } from './TakeDownPage';
