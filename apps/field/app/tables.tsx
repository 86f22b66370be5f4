import { TablesPage } from '../src/pages/tables/TablesPage';

export default TablesPage;
