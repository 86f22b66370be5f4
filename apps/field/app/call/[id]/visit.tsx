import { VisitPage } from '../../../src/pages/visit/VisitPage';

export default VisitPage;
