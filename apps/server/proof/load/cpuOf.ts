import { readFileSync } from 'node:fs';

/** Ticks of the kernel's clock a second, as Linux tells programs. */
const TICKS = 100;

/** Processor time of a process so far, with all its threads, ms. Linux only: read from /proc (proc(5): utime and stime). */
export function cpuOf(pid: number): number {
  const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
  const fields = stat.slice(stat.lastIndexOf(')') + 2).split(' ');
  return ((Number(fields[11]) + Number(fields[12])) * 1000) / TICKS;
}

/** The figure below which a share of the figures lie. */
export function quantile(figures: readonly number[], share: number): number {
  const sorted = [...figures].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}
