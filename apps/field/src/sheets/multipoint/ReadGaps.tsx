import { DomainError, parseLength } from '@proper-swing/core';
import type { SessionGaps } from '@proper-swing/core/sheets';
import { withUnit } from '../../record/typedText';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { usePreferences } from '../../offline/preferences';
import { Field } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { goToFault } from '../../design/goToFault';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import type { LengthWords } from '../../design/lengthWords';
import { GAP_WORDS } from './gapWords';
import type { SessionStore, TypedGap } from './sessionStore';

interface ReadGapsProps {
  keys: readonly (keyof SessionGaps)[];
  /** Gaps that may stay unread. */
  optional: readonly (keyof SessionGaps)[];
  store: SessionStore;
  words: LengthWords;
}

/** The gaps asked for, typed and written together; what cannot be read is named at its field. One tap says that it rubs. */
export function ReadGaps({ keys, optional, store, words }: ReadGapsProps) {
  const { units } = usePreferences();
  const [typed, setTyped] = useState<Partial<Record<keyof SessionGaps, string>>>({});
  const [errors, setErrors] = useState<Partial<Record<keyof SessionGaps, string>>>({});
  const write = () => {
    const found: Partial<Record<keyof SessionGaps, string>> = {};
    const gaps = [...keys, ...optional].flatMap((key): TypedGap[] => {
      if (optional.includes(key) && (typed[key] ?? '').trim() === '') return [];
      try {
        const { mm } = parseLength(typed[key] ?? '', { defaultUnit: units, field: key });
        return [{ key, mm, typed: withUnit(typed[key] ?? '', units) }];
      } catch (error) {
        if (!(error instanceof DomainError)) throw error;
        found[key] = (typed[key] ?? '') === '' ? 'Read this gap; 0 where it rubs.' : error.message;
        return [];
      }
    });
    setErrors(found);
    if (Object.keys(found).length === 0) store.writeGaps(gaps);
    else goToFault();
  };
  return (
    <>
      <Form>
        {[...keys, ...optional].map((key) => (
          <FormCell key={key}>
            <Field
              takes="length"
              label={`${GAP_WORDS[key]}, ${words.unit}${optional.includes(key) ? ', if read' : ''}`}
              value={typed[key] ?? ''}
              onChange={(text) => setTyped({ ...typed, [key]: text })}
              error={errors[key]}
              testID={`gap-${key}`}
            />
            <Press onPress={() => setTyped({ ...typed, [key]: '0' })} style={styles.rubs} testID={`rubs-${key}`}>
              {key === 'footMm' ? 'On its sill' : 'Rubs here'}
            </Press>
          </FormCell>
        ))}
      </Form>
      <Press kind="primary" onPress={write} testID="write-gaps">
        Write these gaps
      </Press>
    </>
  );
}

const styles = StyleSheet.create({ rubs: { marginTop: SPACE.xs } });
