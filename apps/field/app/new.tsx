import { NewCall } from '../src/pages/newCall/NewCall';

export default NewCall;
