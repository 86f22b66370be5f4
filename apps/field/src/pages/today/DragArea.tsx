import {
  DndContext,
  DragOverlay,
  KeyboardSensor,
  pointerWithin,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type Announcements,
  type CollisionDetection,
  type KeyboardCoordinateGetter,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import { format } from 'date-fns/format';
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
      accessibility={{ announcements: announcing(nameOf), screenReaderInstructions: INSTRUCTIONS }}
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

const INSTRUCTIONS = {
  draggable:
    'Space picks the call up, the left and right arrows take it from day to day, Space puts it down there, Escape leaves it where it was.',
};

/** What a screen reader says while a call is dragged. */
function announcing(nameOf: (callId: string) => string): Announcements {
  const name = ({ id }: { id: UniqueIdentifier }) => nameOf(String(id));
  const day = ({ id }: { id: UniqueIdentifier }) => format(String(id), 'EEEE d MMMM');
  return {
    onDragStart: ({ active }) => `${name(active)}: picked up.`,
    onDragOver: ({ over }) => (over === null ? 'Over no day.' : `Over ${day(over)}.`),
    onDragEnd: ({ active, over }) => (over === null ? `${name(active)}: left where it was.` : `${name(active)}: put down on ${day(over)}.`),
    onDragCancel: ({ active }) => `${name(active)}: left where it was.`,
  };
}

/** The day under the pointer; by keys, the one that the corner of what is dragged was taken to. */
const underPointer: CollisionDetection = (args) => {
  if (args.pointerCoordinates !== null) return pointerWithin(args);
  const { left: x, top: y } = args.collisionRect;
  return args.droppableContainers.flatMap((droppableContainer) => {
    const rect = args.droppableRects.get(droppableContainer.id);
    const holds = rect !== undefined && x >= rect.left && x < rect.right && y >= rect.top && y < rect.bottom;
    return holds ? [{ id: droppableContainer.id, data: { droppableContainer, value: 1 } }] : [];
  });
};

/** An arrow takes what is dragged to the day on its side; the first one to the first day. */
const toNextDay: KeyboardCoordinateGetter = (event, { context: { droppableRects, over } }) => {
  const by = { ArrowRight: 1, ArrowLeft: -1 }[event.code];
  if (by === undefined) return undefined;
  event.preventDefault();
  const days = [...droppableRects].sort(([, a], [, b]) => a.left - b.left);
  const at = days.findIndex(([id]) => id === over?.id);
  const [, next] = days[at < 0 ? 0 : at + by] ?? [];
  return next && { x: next.left + 1, y: next.top + 1 };
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
