/** What of a key's event is gone by. */
interface KeyEvent {
  key: string;
  target: EventTarget | null;
  currentTarget: EventTarget | null;
  preventDefault: () => void;
}

const BY: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };
const ENDS: readonly string[] = ['Home', 'End'];

/**
 * The place to go to in a group from a place in it: arrows go round, Home and End to its ends.
 *
 * @returns nothing for any other key
 */
export function placeAfter(key: string, at: number, count: number): number | undefined {
  const by = BY[key];
  if (by !== undefined) return (at + by + count) % count;
  return ENDS.includes(key) ? (key === 'Home' ? 0 : count - 1) : undefined;
}

/**
 * Keys within a group of radio buttons or tabs, which is one stop of the Tab key: arrows move among them, Space and Enter choose. An arrow
 * alone chooses nothing: some choices are acts.
 */
function onKeyDown(event: KeyEvent): void {
  const group = event.currentTarget as HTMLElement;
  const members = [...group.querySelectorAll<HTMLElement>('[role=radio], [role=tab]')];
  const at = members.indexOf(event.target as HTMLElement);
  if (at < 0) return;
  if (event.key === ' ') {
    event.preventDefault();
    members[at]?.click();
    return;
  }
  const to = placeAfter(event.key, at, members.length);
  if (to === undefined) return;
  event.preventDefault();
  members[to]?.focus();
}

/** Handed to the view that is the group. */
export const GROUP_KEYS = { onKeyDown } as object;
