import label from '@fontsource/ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-500-normal.woff';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { usePreferences } from '../../offline/preferences';
import { saveFile } from '../../offline/saveFile';
import { asCsv, asDxf, asSvg, fullSize, type CutSlab } from './cutFiles';
import { isOnPaper, templatePages } from './templatePages';
import { templatePdf } from './templatePdf';

/** The cuts of a slab as files: full size for a printer or a drawing program, offsets for a table. */
export function SaveCuts({ own }: { own: CutSlab }) {
  const { units } = usePreferences();
  const [fault, setFault] = useState(false);
  const paper = units === 'in' ? 'letter' : 'a4';
  const name = ['cuts', ...own.title.toLowerCase().split(' ')].filter(Boolean).join('-');
  const id = own.title === '' ? '' : `-${own.hingesOn}`;
  const late = (save: Promise<void>) => {
    setFault(false);
    save.catch(() => setFault(true));
  };
  const pdf = async () => {
    const letters = new Uint8Array(await (await fetch(label)).arrayBuffer());
    saveFile(
      `${name}.pdf`,
      'application/pdf',
      await templatePdf(templatePages(own, paper), paper, letters, `Template: ${own.title || 'slab'}`),
    );
  };
  return (
    <View style={styles.files}>
      <Words kind="label">{own.title === '' ? 'Save at full size' : `${own.title}, at full size`}</Words>
      <View style={styles.keys}>
        {own.cuts.some(isOnPaper) && (
          <Press onPress={() => late(pdf())} testID={`save-pdf${id}`}>
            Template, PDF
          </Press>
        )}
        <Press onPress={() => saveFile(`${name}.svg`, 'image/svg+xml', asSvg(fullSize(own)))} testID={`save-svg${id}`}>
          SVG
        </Press>
        <Press
          onPress={() => late(asDxf(fullSize(own)).then((text) => saveFile(`${name}.dxf`, 'image/vnd.dxf', text)))}
          testID={`save-dxf${id}`}
        >
          DXF
        </Press>
        <Press onPress={() => saveFile(`${name}.csv`, 'text/csv', asCsv(own))} testID={`save-csv${id}`}>
          Offsets, CSV
        </Press>
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
