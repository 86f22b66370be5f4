// A thread of the engine. It reads the same TypeScript as the server, which a thread has to be told by itself.
import { tsImport } from 'tsx/esm/api';

const { work } = await tsImport('./engineWork.ts', import.meta.url);

export default work;
