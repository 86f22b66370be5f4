import letters from '@fontsource/ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-500-normal.woff';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../design/Press';
import { SPACE } from '../design/tokens';
import { Words } from '../design/Words';
import { usePreferences } from '../offline/preferences';
import { saveFile } from '../offline/saveFile';
import { asDxf, asSvg, type DrawnLine } from './drawnFiles';
import type { Paper, TemplatePage } from './stripPages';
import { templatePdf } from './templatePdf';

export interface SaveDrawingProps {
  says: string;
  /** Of the files, without their endings. */
  name: string;
  /** What the keys are told apart by where there are several. */
  id: string;
  lines: () => DrawnLine[];
  /** Absent where nothing of it goes on paper. */
  pages?: (paper: Paper) => TemplatePage[];
  csv?: () => string;
}

/** A drawing at full size as files: to print, for a drawing program, as a table. What writes them is fetched when it is first asked for. */
export function SaveDrawing({ says, name, id, lines, pages, csv }: SaveDrawingProps) {
  const { units } = usePreferences();
  const [fault, setFault] = useState(false);
  const paper = units === 'in' ? 'letter' : 'a4';
  const late = (save: Promise<void>) => {
    setFault(false);
    save.catch(() => setFault(true));
  };
  const pdf = async (drawn: TemplatePage[]) => {
    const face = new Uint8Array(await (await fetch(letters)).arrayBuffer());
    saveFile(`${name}.pdf`, 'application/pdf', await templatePdf(drawn, paper, face, name));
  };
  return (
    <View style={styles.files}>
      <Words kind="label">{says}</Words>
      <View style={styles.keys}>
        {pages && (
          <Press onPress={() => late(pdf(pages(paper)))} testID={`save-pdf${id}`}>
            Template, PDF
          </Press>
        )}
        <Press onPress={() => saveFile(`${name}.svg`, 'image/svg+xml', asSvg(lines()))} testID={`save-svg${id}`}>
          SVG
        </Press>
        <Press onPress={() => late(asDxf(lines()).then((text) => saveFile(`${name}.dxf`, 'image/vnd.dxf', text)))} testID={`save-dxf${id}`}>
          DXF
        </Press>
        {csv && (
          <Press onPress={() => saveFile(`${name}.csv`, 'text/csv', csv())} testID={`save-csv${id}`}>
            Offsets, CSV
          </Press>
        )}
      </View>
      {fault && (
        <Words tone="tight" testID={`save-fault${id}`}>
          This part of the program could not be fetched. Try again when there is a signal.
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  files: { gap: SPACE.xs },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
