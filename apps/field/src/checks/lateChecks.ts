/**
 * What checks forms, fetched when the first is filled in. All of it from here: what two late parts share is put into the part that every
 * page fetches at once.
 */
export { checkNewCall } from '../pages/newCall/checkNewCall';
export { faultsOfCards } from '../pages/card/checkCards';
