import type { ActionId } from '../names/actionIds';

/** Work done whatever else is, where it was found wanting: a hinge between or below the others that carries nothing, or bends. */
export const AS_WELL: readonly ActionId[] = ['holdMiddle', 'bringToLine', 'stiffenBottom'];
