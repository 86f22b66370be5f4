import { Today } from '../src/features/today/Today';

export default Today;
