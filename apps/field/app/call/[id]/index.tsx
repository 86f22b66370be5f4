import { ListenPage } from '../../../src/features/call/ListenPage';

export default ListenPage;
