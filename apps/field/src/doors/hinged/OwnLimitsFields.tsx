import { CAUTIONS, EDGES } from '@proper-swing/core';
import { StyleSheet, View } from 'react-native';
import { Field } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { useLengthWords } from '../../design/lengthWords';
import { Slip } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { EDGE_WORDS } from './doorWords';
import { LIMIT_KEYS, type LimitErrors, type LimitsDraft } from './limitsDraft';

export interface OwnLimitsFieldsProps {
  draft: LimitsDraft;
  errors: LimitErrors;
  isFireDoor: boolean;
  onChange: (change: (draft: LimitsDraft) => LimitsDraft) => void;
}

const KEY_WORDS = { min: 'least', target: 'aim at', max: 'most' } as const;

/** Limits of a door's own: least, aim and most of each edge, how even, and the reason. */
export function OwnLimitsFields({ draft, errors, isFireDoor, onChange }: OwnLimitsFieldsProps) {
  const words = useLengthWords();
  return (
    <>
      {isFireDoor && (
        <Slip label="Fire door">
          <Words>{CAUTIONS.fireDoor}</Words>
        </Slip>
      )}
      {EDGES.map((edge) => (
        <View key={edge} style={styles.edge}>
          <Words kind="strong">{`${EDGE_WORDS[edge]}, ${words.unit}`}</Words>
          <Form>
            {LIMIT_KEYS.map((key) => (
              <FormCell key={key} takes="third">
                <Field
                  takes="length"
                  label={KEY_WORDS[key]}
                  spoken={`${EDGE_WORDS[edge]}, ${KEY_WORDS[key]}`}
                  value={draft.edges[edge][key]}
                  onChange={(text) => onChange((was) => ({ ...was, edges: { ...was.edges, [edge]: { ...was.edges[edge], [key]: text } } }))}
                  error={errors[`edges.${edge}.${key}`]}
                  testID={`limit-${edge}-${key}`}
                />
              </FormCell>
            ))}
          </Form>
        </View>
      ))}
      <Field
        takes="length"
        label={`Even within, ${words.unit}`}
        value={draft.evenWithin}
        onChange={(text) => onChange((was) => ({ ...was, evenWithin: text }))}
        error={errors.evenWithin}
        testID="limit-even"
      />
      <Field
        label="Why this door has its own"
        hint="Its certificate, the specification, a seal"
        value={draft.reason}
        onChange={(text) => onChange((was) => ({ ...was, reason: text }))}
        error={errors.reason}
        testID="limit-reason"
      />
    </>
  );
}

const styles = StyleSheet.create({ edge: { gap: SPACE.xs } });
