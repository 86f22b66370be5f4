import { lengthMm, number } from '../../fields/field';

/** What may be written of a sliding panel, wherever it is asked for. */
export const panelWidth = lengthMm('Width of the panel', 300, 3500);
export const panelHeight = lengthMm('Height of the panel', 300, 4000);
export const perTurn = number('What a full turn of a roller or hanger screw lifts, where measured', { from: 0.2, to: 6, unit: 'mm' });
export const channelDepth = lengthMm('Depth of the head channel, where measured', 5, 60);
