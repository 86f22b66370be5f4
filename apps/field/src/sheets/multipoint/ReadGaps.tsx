import { DomainError, parseLength } from '@proper-swing/core';
import type { SessionGaps } from '@proper-swing/core/sheets';
import { withUnit } from '../../record/typedText';
import { useState } from 'react';
import { usePreferences } from '../../offline/preferences';
import { Field } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { Press } from '../../design/Press';
import type { LengthWords } from '../../design/lengthWords';
import { GAP_WORDS } from './gapWords';
import type { SessionStore, TypedGap } from './sessionStore';

/** The gaps asked for, typed and written together; what cannot be read is named at its field. */
export function ReadGaps({ keys, store, words }: { keys: readonly (keyof SessionGaps)[]; store: SessionStore; words: LengthWords }) {
  const { units } = usePreferences();
  const [typed, setTyped] = useState<Partial<Record<keyof SessionGaps, string>>>({});
  const [errors, setErrors] = useState<Partial<Record<keyof SessionGaps, string>>>({});
  const write = () => {
    const found: Partial<Record<keyof SessionGaps, string>> = {};
    const gaps = keys.flatMap((key): TypedGap[] => {
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
  };
  return (
    <>
      <Form>
        {keys.map((key) => (
          <FormCell key={key}>
            <Field
              label={`${GAP_WORDS[key]}, ${words.unit}`}
              value={typed[key] ?? ''}
              onChange={(text) => setTyped({ ...typed, [key]: text })}
              error={errors[key]}
              testID={`gap-${key}`}
            />
          </FormCell>
        ))}
      </Form>
      <Press kind="primary" onPress={write} testID="write-gaps">
        Write these gaps
      </Press>
    </>
  );
}
