import { UnsavedPage } from '../src/pages/unsaved/UnsavedPage';

export default UnsavedPage;
