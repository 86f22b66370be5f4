import { DoorPage } from '../../src/pages/door/DoorPage';

export default DoorPage;
