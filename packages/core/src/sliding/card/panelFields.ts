import { lengthMm } from '../../fields/field';

/** What may be written of a sliding panel, wherever it is asked for. */
export const panelWidth = lengthMm('Width of the panel', 300, 3500);
export const panelHeight = lengthMm('Height of the panel', 300, 4000);
