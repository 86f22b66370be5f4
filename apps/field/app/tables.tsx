import { TablesPage } from '../src/features/tables/TablesPage';

export default TablesPage;
