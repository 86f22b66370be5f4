import { DoorPage } from '../../src/features/door/DoorPage';

export default DoorPage;
