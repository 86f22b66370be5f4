import { NewCall } from '../src/features/newCall/NewCall';

export default NewCall;
