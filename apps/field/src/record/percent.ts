/** A chance as a person says it: never 0 % or 100 % of what is only likely. */
export function percent(probability: number): string {
  if (probability < 0.01) return 'under 1 %';
  if (probability > 0.99) return 'over 99 %';
  return `${Math.round(probability * 100)} %`;
}
