import { DomainError } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { usePreferences } from '../../offline/preferences';
import { pickText } from '../../offline/pickText';
import { saveFile } from '../../offline/saveFile';
import type { HelperProps } from '../benchSheet';
import { readSheetGroups } from '../typedSheet';
import { MORE_OF_OPENING, openingOf, SURVEY, typedFrom, type TypedOpening } from './openingFields';
import { readSurvey, surveyCsv, surveyJson } from './surveyFile';

/** The survey as a file, out and in: measured by one person, fitted by another. */
export function SurveyFiles({ typed, onType, words }: Pick<HelperProps, 'typed' | 'onType' | 'words'>) {
  const { units } = usePreferences();
  const [fault, setFault] = useState<string>();
  const read = readSheetGroups([SURVEY, MORE_OF_OPENING], typed, units);
  const opening = read.state === 'ready' ? openingOf(read.tree as unknown as TypedOpening) : undefined;
  const readIn = async () => {
    const text = await pickText('.json,.csv,application/json,text/csv');
    if (text === undefined) return;
    try {
      for (const [path, figure] of Object.entries(typedFrom(readSurvey(text), words.bare))) onType(path, figure);
      setFault(undefined);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      setFault(`${error.message} Nothing was read in.`);
    }
  };
  return (
    <View style={styles.row}>
      <Press kind="quiet" onPress={() => void readIn()} testID="survey-in">
        Read a survey in
      </Press>
      {opening !== undefined && (
        <>
          <Press kind="quiet" onPress={() => saveFile('opening.json', 'application/json', surveyJson(opening))} testID="survey-json">
            Save as JSON
          </Press>
          <Press kind="quiet" onPress={() => saveFile('opening.csv', 'text/csv', surveyCsv(opening))} testID="survey-csv">
            CSV
          </Press>
        </>
      )}
      {fault !== undefined && (
        <Words tone="tight" testID="survey-in-fault">
          {fault}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, alignItems: 'center' } });
