/** How far a screw is turned, whichever way: `1 turn`, `¾ turn`, `1¼ turns`. */
export function turnWords(turns: number): string {
  const size = Math.abs(turns);
  const whole = Math.floor(size + 1e-9);
  const part = ({ 0.25: '¼', 0.5: '½', 0.75: '¾' } as Record<number, string>)[Math.round((size - whole) * 4) / 4] ?? '';
  return `${whole === 0 && part !== '' ? '' : whole}${part} ${size > 1 ? 'turns' : 'turn'}`;
}
