/** A limit of accessibility rules, shown as information: the rules of the place decide. */
export interface AccessLimit {
  id: 'openingForce' | 'slidingForce' | 'closerTime' | 'springTime' | 'clearWidth' | 'threshold';
  title: string;
  /** In the unit given. */
  value: number;
  unit: 'N' | 's' | 'mm';
  source: string;
}

/** 2010 ADA Standards for Accessible Design, §404 (figures from memory): what it asks of a door on an accessible route. */
export const ACCESS_LIMITS: readonly AccessLimit[] = [
  {
    id: 'openingForce',
    title: 'Interior hinged door: most force to open it, but for the latch (5 lbf)',
    value: 22.2,
    unit: 'N',
    source: '2010 ADA Standards §404.2.9',
  },
  {
    id: 'slidingForce',
    title: 'Interior sliding or folding door: most force to open it (5 lbf)',
    value: 22.2,
    unit: 'N',
    source: '2010 ADA Standards §404.2.9',
  },
  {
    id: 'closerTime',
    title: 'Closer: least time from 90° to 12°',
    value: 5,
    unit: 's',
    source: '2010 ADA Standards §404.2.8.1',
  },
  {
    id: 'springTime',
    title: 'Spring hinges: least time from 70° to shut',
    value: 1.5,
    unit: 's',
    source: '2010 ADA Standards §404.2.8.2',
  },
  {
    id: 'clearWidth',
    title: 'Clear width, open at 90° (32 in)',
    value: 815,
    unit: 'mm',
    source: '2010 ADA Standards §404.2.3',
  },
  {
    id: 'threshold',
    title: 'Highest threshold, new work (1/2 in)',
    value: 13,
    unit: 'mm',
    source: '2010 ADA Standards §404.2.5',
  },
];
