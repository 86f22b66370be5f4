import type { DrawnAs, Paper, TemplatePage } from './stripPages';
import { PAPERS } from './stripPages';

const PT_PER_MM = 72 / 25.4;

/** How lines of each sort are drawn: width in mm, and dashes. */
const PENS: Readonly<Record<DrawnAs, { mm: number; dash?: number }>> = {
  edge: { mm: 0.5 },
  cut: { mm: 0.7 },
  waste: { mm: 0.15 },
  tick: { mm: 0.25 },
  join: { mm: 0.2, dash: 3 },
  bar: { mm: 0.4 },
};

/**
 * A template as a PDF at full size, its letters in it; the writer is fetched when it is first asked for.
 *
 * @param letters a font file that ships with the app, WOFF: of WOFF2 the writer embeds no outlines
 */
export async function templatePdf(
  pages: readonly TemplatePage[],
  paper: Paper,
  letters: Uint8Array,
  title: string,
): Promise<Uint8Array<ArrayBuffer>> {
  const [{ default: Pdf }, { toBytes }] = await Promise.all([import('pdfkit'), import('pdfkit/output')]);
  const { wide, tall } = PAPERS[paper];
  const pt = (mm: number) => mm * PT_PER_MM;
  // Without letters of its own it would begin with a standard font that is not in the file.
  const pdf = new Pdf({ autoFirstPage: false, font: letters as unknown as string, lang: 'en', displayTitle: true, info: { Title: title } });
  pdf.registerFont('letters', letters);
  for (const { lines, words } of pages) {
    pdf.addPage({ size: [pt(wide), pt(tall)], margin: 0 });
    for (const { x, y, text, isLarge } of words)
      pdf
        .font('letters')
        .fontSize(isLarge ? 18 : 11)
        .text(text, pt(x), pt(y) - (isLarge ? 14 : 8), { lineBreak: false });
    for (const { as, points } of lines) {
      const { mm, dash } = PENS[as];
      points.forEach(({ x, y }, i) => (i === 0 ? pdf.moveTo(pt(x), pt(y)) : pdf.lineTo(pt(x), pt(y))));
      pdf.lineWidth(pt(mm));
      if (dash === undefined) pdf.undash();
      else pdf.dash(dash, {});
      pdf.stroke();
    }
  }
  const bytes = toBytes(pdf);
  pdf.end();
  return bytes;
}
