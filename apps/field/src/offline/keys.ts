/** Keys of the answers kept in the query cache. */
export const KEYS = {
  anySummaries: ['summaries'],
  summaries: (from: string, to: string) => ['summaries', from, to],
  anyCallRecord: ['call-record'],
  callRecord: (callId: string) => ['call-record', callId],
  workingSet: (from: string, to: string) => ['working-set', from, to],
  sites: ['sites'],
  anyDoors: ['doors'],
  doors: (siteId: string) => ['doors', siteId],
  anyDoorHistory: ['door-history'],
  doorHistory: (doorId: string) => ['door-history', doorId],
  search: (q: string) => ['search', q],
  siteHistory: (siteId: string) => ['site-history', siteId],
  anySiteHistory: ['site-history'],
  book: (of: 'sites' | 'doors', q: string, sort: string) => ['book', of, q, sort],
  anyBook: ['book'],
  twoVersions: (mark: string, waiting: number) => ['two-versions', mark, waiting],
} as const;
