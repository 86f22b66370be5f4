import { CardPage } from '../../../src/pages/card/CardPage';

export default CardPage;
