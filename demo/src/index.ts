export { seed } from './seed';
