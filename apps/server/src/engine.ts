// npm run engine: the engine on the command line.
import { readFileSync } from 'node:fs';
import { engineCommand } from './engineCommand';

const STANDARD_INPUT = 0;
const { status, out, err } = engineCommand(process.argv.slice(2), () => readFileSync(STANDARD_INPUT, 'utf8'));
process.stdout.write(out);
process.stderr.write(err);
process.exitCode = status;
