import { DomainError } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { saveFile } from '../../offline/saveFile';
import type { HelperProps } from '../benchSheet';
import { catalogueFrom, csvOf, heldCatalogue } from './catalogue';
import { pickText } from '../../offline/pickText';

/** The catalogue: read in from CSV, and out again. */
export function RollerHelper({ typed, onType }: HelperProps) {
  const [fault, setFault] = useState<string>();
  const held = typed['catalogue'] ?? '';
  const catalogue = heldCatalogue(held);
  const readIn = async () => {
    const text = await pickText('.csv,text/csv');
    if (text === undefined) return;
    try {
      onType('catalogue', JSON.stringify(catalogueFrom(text)));
      setFault(undefined);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      setFault(error.message);
    }
  };
  return (
    <View style={styles.helper}>
      <Words testID="catalogue-held">
        {held === '' ? `Catalogue: ${catalogue.length} made-up rollers.` : `Your catalogue: ${catalogue.length} rollers.`}
      </Words>
      <View style={styles.row}>
        <Press onPress={() => void readIn()} testID="catalogue-in">
          Read in CSV
        </Press>
        <Press onPress={() => saveFile('rollers.csv', 'text/csv', csvOf(catalogue))} testID="catalogue-out">
          Save as CSV
        </Press>
      </View>
      {fault !== undefined && (
        <Words tone="tight" testID="catalogue-fault">
          {`${fault} Nothing was read in.`}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ helper: { gap: SPACE.s }, row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s } });
