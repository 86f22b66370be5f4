import { WordsPage } from '../src/pages/words/WordsPage';

export default WordsPage;
