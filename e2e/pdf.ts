import { execFileSync } from 'node:child_process';

// PDFs are read with poppler, of another maker than their writer.

/** The words of its first page. */
export const firstWords = (pdf: string) => execFileSync('pdftotext', ['-f', '1', '-l', '1', pdf, '-'], { encoding: 'utf8' });

/** Its fonts as poppler lists them, a line each. */
export const fontsOf = (pdf: string) => execFileSync('pdffonts', [pdf], { encoding: 'utf8' }).split('\n').slice(2);

/** How many pages a PDF has. */
export const pagesOf = (pdf: string) => Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [pdf], { encoding: 'utf8' }))?.[1]);

const MM_PER_PT = 25.4 / 72;

/** Lines on a page of a PDF, mm from its upper left corner, read by poppler. */
export function drawnLines(pdf: string, page: number): { x: number; y: number }[][] {
  const svg = execFileSync('pdftocairo', ['-svg', '-f', String(page), '-l', String(page), pdf, '-'], { encoding: 'utf8' });
  // Its points are the document's own; how the page is fitted to the paper stands beside them.
  return Array.from(svg.matchAll(/<path style="fill:none;[^>]* d="([^"]*)"/g)).map(([, path = '']) =>
    Array.from(path.matchAll(/[ML] ([-\d.]+) ([-\d.]+)/g)).map(([, x, y]) => ({ x: Number(x) * MM_PER_PT, y: Number(y) * MM_PER_PT })),
  );
}

/** How much of a rectangle of the first page is dark, mm from its upper left corner, drawn by poppler. */
export function inkShare(pdf: string, { left, top, wide, tall }: Readonly<Record<'left' | 'top' | 'wide' | 'tall', number>>): number {
  const [perMm, args] = [4, ['-gray', '-r', String(4 * 25.4), '-f', '1', '-l', '1']];
  const box = Object.entries({ x: left, y: top, W: wide, H: tall }).flatMap(([name, mm]) => [`-${name}`, String(mm * perMm)]);
  const image = execFileSync('pdftoppm', [...args, ...box, pdf]);
  const dots = image.subarray(image.length - wide * tall * perMm * perMm);
  return dots.filter((grey) => grey < 128).length / dots.length;
}
