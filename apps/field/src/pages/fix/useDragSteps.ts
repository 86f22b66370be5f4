import { useRef } from 'react';
import type { GestureResponderEvent, GestureResponderHandlers } from 'react-native';

/** Below this a finger is tapping, not dragging, px. */
const DRAG_FROM_PX = 6;

/** Turns a drag across into steps: one for every `stepPx`, in the direction of `sign`. */
export function useDragSteps(stepPx: number, sign: 1 | -1, onStep: (by: number) => void): GestureResponderHandlers {
  const from = useRef({ x: 0, y: 0 });
  const taken = useRef(0);
  const moved = ({ nativeEvent: { pageX, pageY } }: GestureResponderEvent) => ({ x: pageX - from.current.x, y: pageY - from.current.y });
  return {
    onStartShouldSetResponderCapture: ({ nativeEvent: { pageX, pageY } }) => {
      from.current = { x: pageX, y: pageY };
      taken.current = 0;
      return false;
    },
    onMoveShouldSetResponder: (event) => {
      const { x, y } = moved(event);
      return Math.abs(x) > DRAG_FROM_PX && Math.abs(x) > Math.abs(y);
    },
    onResponderMove: (event) => {
      const steps = Math.trunc(moved(event).x / stepPx);
      if (steps !== taken.current) onStep(sign * (steps - taken.current));
      taken.current = steps;
    },
  };
}
