import { ListenPage } from '../../../src/pages/listen/ListenPage';

export default ListenPage;
