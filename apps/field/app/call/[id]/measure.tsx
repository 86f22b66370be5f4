import { MeasurePage } from '../../../src/features/measure/MeasurePage';

export default MeasurePage;
