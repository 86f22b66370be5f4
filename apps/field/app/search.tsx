import { SearchPage } from '../src/pages/search/SearchPage';

export default SearchPage;
