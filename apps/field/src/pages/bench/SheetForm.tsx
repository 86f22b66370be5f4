import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Field, type FieldTakes } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import type { FieldGroup, SheetField } from '../../sheets/benchSheet';
import type { Typed } from '../../sheets/typedSheet';

export interface SheetFormProps {
  groups: readonly FieldGroup[];
  /** Whether all of it stands open. */
  isOpen?: boolean;
  typed: Typed;
  /** What was filled in beforehand. */
  given?: Typed;
  errors: Readonly<Record<string, string>>;
  /** Unit lengths are typed in. */
  unit: string;
  /** Where a prefilled figure comes from, in words. */
  origin?: Readonly<Record<string, string>>;
  onType: (path: string, text: string) => void;
}

/** The figures a sheet asks for, in groups; those that may stay empty are folded until they are wanted. */
export function SheetForm({ groups, ...rest }: SheetFormProps) {
  return (
    <View style={styles.groups}>
      {groups
        .filter(({ fields }) => fields.some(isInForm))
        .map((group) => (
          <Group key={group.title} group={group} {...rest} />
        ))}
    </View>
  );
}

/** Whether a field stands in the form, and not on a drawing or in a helper's hands. */
const isInForm = ({ kind, onDrawing }: SheetField) => kind !== 'filled' && onDrawing !== true;

type GroupProps = Omit<SheetFormProps, 'groups'> & { group: FieldGroup };

function Group({ group: { title, fields }, isOpen: isKeptOpen = false, typed, given, errors, ...rest }: GroupProps) {
  const isFilled = fields.some(({ path, isOptional, kind }) => kind !== 'filled' && isOptional === true && (typed[path] ?? '') !== '');
  const mayFold =
    !isKeptOpen && fields.every(({ isOptional, needs, usual }) => isOptional === true || needs !== undefined || usual !== undefined);
  const isGiven = (path: string) => given?.[path] !== undefined && given[path] !== '' && given[path] === typed[path];
  const [isOpen, setIsOpen] = useState(false);
  const isFaulty = fields.some(({ path }) => errors[path] !== undefined);
  const shows = !mayFold || isOpen || isFilled || isFaulty;
  return (
    <View style={styles.group}>
      {mayFold && !isFilled ? (
        <Press kind="quiet" style={styles.fold} onPress={() => setIsOpen(!isOpen)} label={`${title}: ${shows ? 'fold' : 'open'}`}>
          {`${shows ? '▾' : '▸'} ${title}`}
        </Press>
      ) : (
        <Words kind="label" heading={2}>
          {title}
        </Words>
      )}
      {shows && (
        <Form>
          {fields
            .filter(isInForm)
            .filter(({ needs }) => needs === undefined || (typed[needs] ?? '') !== '')
            .map((field) => (
              <FieldOf
                key={field.path}
                field={field}
                text={typed[field.path] ?? ''}
                isGiven={isGiven(field.path)}
                error={errors[field.path]}
                {...rest}
              />
            ))}
        </Form>
      )}
    </View>
  );
}

type FieldOfProps = Pick<SheetFormProps, 'unit' | 'origin' | 'onType'> & {
  field: SheetField;
  text: string;
  isGiven: boolean;
  error: string | undefined;
};

function FieldOf({ field, text, isGiven, error, unit, origin, onType }: FieldOfProps) {
  const { path, label, kind, unit: own, options, hint, isOptional } = field;
  const choices = kind === 'yes' ? YES_NO : options;
  if (choices !== undefined) {
    return (
      <FormCell takes="whole">
        <Words kind="label">{label}</Words>
        <Choice
          label={label}
          options={choices}
          chosen={text}
          onChoose={(id) => onType(path, isOptional === true && id === text ? '' : id)}
          testID={`field-${path}`}
        />
      </FormCell>
    );
  }
  const from = origin?.[path];
  return (
    <FormCell takes={LONG_KINDS.includes(kind) ? 'whole' : 'half'}>
      <Field
        label={[label, ...(own === '' || kind === 'words' ? [] : [own ?? unit])].join(', ') + (from ? ` · ${from}` : '')}
        value={text}
        onChange={(typed) => onType(path, typed)}
        error={error}
        takes={takesOf(field)}
        isGiven={isGiven}
        {...(hint !== undefined && { hint })}
        {...(isOptional === true && { placeholder: 'may stay empty' })}
        testID={`field-${path}`}
      />
    </FormCell>
  );
}

/** What a telephone shows keys for; a minus and commas need all of them. */
const takesOf = ({ kind, signed }: SheetField): FieldTakes =>
  LONG_KINDS.includes(kind) || signed === true ? 'figures' : kind === 'length' ? 'length' : 'figure';

/** What takes a line of its own, and more than the keys of figures. */
const LONG_KINDS: readonly SheetField['kind'][] = ['lengths', 'text', 'words'];

const YES_NO = [
  { id: 'yes', label: 'Yes' },
  { id: 'no', label: 'No' },
] as const;

const styles = StyleSheet.create({
  groups: { gap: SPACE.l },
  group: { gap: SPACE.s },
  fold: { alignSelf: 'flex-start', paddingHorizontal: 0 },
});
