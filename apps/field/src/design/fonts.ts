import plainExt from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-ext-400-normal.woff2';
import boldExt from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-ext-700-normal.woff2';
import plain from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff2';
import bold from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff2';
import labelExt from '@fontsource/ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-ext-500-normal.woff2';
import labelBoldExt from '@fontsource/ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-ext-700-normal.woff2';
import label from '@fontsource/ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-500-normal.woff2';
import labelBold from '@fontsource/ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-700-normal.woff2';
import { FONT } from './tokens';

/** What letters a file holds; a browser fetches it only for these. As the package that ships the files cuts them. */
const LATIN =
  'U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+0304,U+0308,U+0329,U+2000-206F,U+20AC,U+2122,U+2191,U+2193,U+2212,U+2215,U+FEFF,U+FFFD';
const LATIN_EXTENDED =
  'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,U+2C60-2C7F,U+A720-A7FF';

const FACES: readonly { family: string; latin: string; extended: string }[] = [
  { family: FONT.text, latin: plain, extended: plainExt },
  { family: FONT.textBold, latin: bold, extended: boldExt },
  { family: FONT.label, latin: label, extended: labelExt },
  { family: FONT.labelBold, latin: labelBold, extended: labelBoldExt },
];

/** Makes the letters that ship with the app known to the page; the common ones are fetched at once, others when they are met. */
export function shipFonts(): void {
  if (typeof document === 'undefined' || !('fonts' in document)) return;
  for (const { family, latin, extended } of FACES) {
    const common = new FontFace(family, `url("${latin}")`, { unicodeRange: LATIN, display: 'swap' });
    document.fonts.add(common);
    document.fonts.add(new FontFace(family, `url("${extended}")`, { unicodeRange: LATIN_EXTENDED, display: 'swap' }));
    // Without it words stand in the device's own letters, which is told nowhere else.
    common.load().catch(() => undefined);
  }
}
