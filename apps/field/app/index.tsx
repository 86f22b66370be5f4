import { Today } from '../src/pages/today/Today';

export default Today;
