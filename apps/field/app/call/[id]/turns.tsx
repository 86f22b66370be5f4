import { CallSessionPage } from '../../../src/features/multipoint/SessionPages';

export default CallSessionPage;
