// npm run build: the web app and its service worker, into apps/field/dist.
import { ensureBuilt, ensureInstalled } from './house.mjs';

ensureInstalled();
await ensureBuilt();
