import {
  closestCenter,
  DndContext,
  DragOverlay,
  KeyboardSensor,
  pointerWithin,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type CollisionDetection,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core';
import GripVertical from 'lucide-react-native/icons/grip-vertical';
import { useState, type PropsWithChildren } from 'react';
import type { DayKey } from '../../day/days';
import { DragContext, type DragParts } from '../../day/dragContext';
import { usePalette } from '../../design/theme';
import { TARGET } from '../../design/tokens';
import { Words } from '../../design/Words';

export interface DragAreaProps {
  onDrop: (callId: string, day: DayKey) => void;
  /** What is said of a call while it is dragged. */
  nameOf: (callId: string) => string;
}

/** Within it a call is dragged by its grip and dropped on a day: with the mouse, or with Space and the arrows. */
export function DragArea({ onDrop, nameOf, children }: PropsWithChildren<DragAreaProps>) {
  const [dragged, setDragged] = useState<string>();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: toNextDay }),
  );
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={underPointer}
      onDragStart={({ active }) => setDragged(String(active.id))}
      onDragCancel={() => setDragged(undefined)}
      onDragEnd={({ active, over }) => {
        setDragged(undefined);
        if (over !== null) onDrop(String(active.id), String(over.id));
      }}
    >
      <DragContext.Provider value={PARTS}>{children}</DragContext.Provider>
      <DragOverlay dropAnimation={null}>{dragged !== undefined && <Slip name={nameOf(dragged)} />}</DragOverlay>
    </DndContext>
  );
}

/** The day under the pointer; by keys, the one that was stepped to. */
const underPointer: CollisionDetection = (args) => (args.pointerCoordinates === null ? closestCenter(args) : pointerWithin(args));

/** An arrow steps to the next day on its side. */
const toNextDay: KeyboardCoordinateGetter = (event, { context: { droppableRects, collisionRect } }) => {
  const by = { ArrowRight: 1, ArrowLeft: -1 }[event.code];
  if (by === undefined || collisionRect === null) return undefined;
  event.preventDefault();
  const days = [...droppableRects.values()].sort((a, b) => a.left - b.left);
  const middle = collisionRect.left + collisionRect.width / 2;
  const isOnStrip = days.some(({ top, bottom }) => collisionRect.top < bottom && collisionRect.top + collisionRect.height > top);
  const beyond = (rect: { left: number; width: number }) => (rect.left + rect.width / 2 - middle) * by > 1;
  const next = isOnStrip ? (by === 1 ? days.find(beyond) : days.findLast(beyond)) : days[0];
  if (next === undefined) return undefined;
  return { x: next.left + next.width / 2 - collisionRect.width / 2, y: next.top };
};

function Grip({ callId, label }: { callId: string; label: string }) {
  const palette = usePalette();
  const { attributes, listeners, setNodeRef } = useDraggable({ id: callId });
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      aria-label={label}
      data-testid={`grip-${callId}`}
      style={{
        ...{ minWidth: TARGET, minHeight: TARGET, border: 0, padding: 0, background: 'transparent', cursor: 'grab' },
        ...{ display: 'flex', alignItems: 'center', justifyContent: 'center', touchAction: 'none' },
      }}
    >
      <GripVertical size={24} color={palette.pencil} />
    </button>
  );
}

function Drop({ day, children }: PropsWithChildren<{ day: DayKey }>) {
  const palette = usePalette();
  const { setNodeRef, isOver } = useDroppable({ id: day });
  return (
    <div ref={setNodeRef} style={{ outline: isOver ? `3px solid ${palette.accent}` : 'none', outlineOffset: -3 }}>
      {children}
    </div>
  );
}

function Slip({ name }: { name: string }) {
  const palette = usePalette();
  return (
    <div style={{ padding: 8, border: `2px solid ${palette.accent}`, background: palette.slab, width: 'max-content', maxWidth: 280 }}>
      <Words kind="strong">{name}</Words>
    </div>
  );
}

const PARTS: DragParts = { Grip, Drop };
