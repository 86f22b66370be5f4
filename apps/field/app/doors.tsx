import { DoorsPage } from '../src/pages/book/DoorsPage';

export default DoorsPage;
