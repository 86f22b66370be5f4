import type { Door } from '@proper-swing/contract';
import type { DrawingProps } from './drawingProps';
import { DoorDrawing } from './hinged/DoorDrawing';
import { PanelDrawing } from './sliding/PanelDrawing';

/** The drawing of a door, as its kind is drawn. */
export function AnyDrawing({ door, ...props }: DrawingProps & { door: Door }) {
  return door.kind === 'hinged' ? <DoorDrawing make={door.make} {...props} /> : <PanelDrawing make={door.make} {...props} />;
}
