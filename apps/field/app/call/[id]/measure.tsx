import { MeasurePage } from '../../../src/pages/measure/MeasurePage';

export default MeasurePage;
