import { createContext, type ComponentType, type PropsWithChildren } from 'react';
import type { DayKey } from './days';

/** What makes calls draggable to a day, where there is room for it; on a telephone nothing does. */
export interface DragParts {
  /** The grip of a call. */
  Grip: ComponentType<{ callId: string; label: string }>;
  /** A day that a call can be dropped on. */
  Drop: ComponentType<PropsWithChildren<{ day: DayKey }>>;
}

export const DragContext = createContext<DragParts>({
  Grip: () => null,
  Drop: ({ children }) => children,
});
