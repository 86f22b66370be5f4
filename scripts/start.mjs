// npm start: the server and the built app on a database of its own, without demo data.
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT, serve } from './house.mjs';

ensureInstalled();
await ensureBuilt();
serve({ DATABASE: process.env.DATABASE ?? join(ROOT, 'data/proper-swing.sqlite') });
