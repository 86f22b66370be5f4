import { ClimatePage } from '../src/pages/climate/ClimatePage';

export default ClimatePage;
