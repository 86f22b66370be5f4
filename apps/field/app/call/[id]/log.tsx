import { LogPage } from '../../../src/pages/log/LogPage';

export default LogPage;
