import type { SlabFit, SlabToFit } from '@proper-swing/core/sheets';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { saveFile } from '../../offline/saveFile';
import { asCsv, asDxf, asSvg, fullSize } from './cutFiles';

/** The cuts as files: full size for a printer or a drawing program, offsets for a table. */
export function SaveCuts({ result, request }: { result: SlabFit; request: SlabToFit }) {
  const lines = fullSize(result, request);
  return (
    <View style={styles.files}>
      <Words kind="label">Save at full size</Words>
      <View style={styles.keys}>
        <Press onPress={() => saveFile('cuts.svg', 'image/svg+xml', asSvg(lines))} testID="save-svg">
          SVG
        </Press>
        <Press onPress={() => void asDxf(lines).then((text) => saveFile('cuts.dxf', 'image/vnd.dxf', text))} testID="save-dxf">
          DXF
        </Press>
        <Press onPress={() => saveFile('cuts.csv', 'text/csv', asCsv(result))} testID="save-csv">
          Offsets, CSV
        </Press>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  files: { gap: SPACE.xs },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
