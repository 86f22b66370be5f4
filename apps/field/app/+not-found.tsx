import { NoSuchPage } from '../src/pages/NoSuchPage';

export default NoSuchPage;
