import { CallSheets } from '../../../src/pages/bench/latePages';
import { FixPage } from '../../../src/pages/fix/FixPage';

export default function Fix() {
  return <FixPage Sheets={CallSheets} />;
}
