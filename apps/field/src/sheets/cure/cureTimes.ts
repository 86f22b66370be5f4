import { addMinutes } from 'date-fns/addMinutes';

/** When the coats were begun: what hours of the plan count from. */
export const startOf = (typed: Readonly<Record<string, string>>): Date => new Date(typed['startsAt'] ?? Date.now());

export const hoursOn = (start: Date, hours: number): Date => addMinutes(start, Math.round(hours * 60));
