import type { Trust } from '../../model/tables';

/**
 * Faults are now and then much larger or smaller than usual, and looks go wrong more often than one thinks: the tables are not
 * sharper than the judgement they come from (shares by judgement, no source).
 */
export const TRUST: Trust = {
  mistaken: 0.05,
  tails: [
    { share: 0.7, spread: 1 },
    { share: 0.3, spread: 2.2 },
  ],
  pairedSpread: 1.4,
};
