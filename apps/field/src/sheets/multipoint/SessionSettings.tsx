import { ADJUSTABLE_HINGES } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import { withoutUnit, withUnit } from '../../record/typedText';
import type { LengthWords } from '../../design/lengthWords';
import { SEALS } from './HandleFeel';
import { settingFieldsFor, usualSettings } from './sessionSettings';
import type { SessionStore } from './sessionStore';

/** Kind of hinge, travel, cam and gaps wanted: usual figures until the hinge's own sheet says otherwise. */
export function SessionSettings({ store: { settings, settingErrors, setSettings }, words }: { store: SessionStore; words: LengthWords }) {
  const [isOpen, setIsOpen] = useState(false);
  const [typing, setTyping] = useState<Readonly<Record<string, string>>>({});
  const isThreeWay = settings['hinge'] === 'threeWay';
  const usual = usualSettings(settings, words.bare);
  const leave = (path: string, isPlain: boolean) => {
    const text = typing[path];
    if (text === undefined) return;
    setTyping(Object.fromEntries(Object.entries(typing).filter(([key]) => key !== path)));
    if (text !== withoutUnit(settings[path] ?? usual[path] ?? '', words.unit))
      setSettings({ [path]: isPlain ? text : withUnit(text, words.unit) });
  };
  return (
    <Section title="Hinge and lock">
      <Choice
        label="Kind of hinge"
        options={HINGES}
        chosen={isThreeWay ? 'threeWay' : 'twoWay'}
        onChoose={(hinge) => setSettings({ hinge })}
        testID="hinge-kind"
      />
      {isThreeWay && (
        <>
          <Words kind="label">As found, the hinge side lies on its seal</Words>
          <Choice
            label="Hinge side on its seal"
            options={SEALS}
            chosen={settings['seal'] as 'even'}
            onChoose={(seal) => setSettings({ seal })}
            testID="seal-found"
          />
        </>
      )}
      <Choice
        label="Cams of each keep"
        options={CAMS}
        chosen={settings['cams'] === '2' ? '2' : '1'}
        onChoose={(cams) => setSettings({ cams })}
        testID="cams"
      />
      <Press kind="quiet" style={styles.fold} onPress={() => setIsOpen(!isOpen)} testID="open-settings">
        {`${isOpen ? '▾' : '▸'} Travel, keys and gaps wanted`}
      </Press>
      {isOpen && (
        <Form>
          {settingFieldsFor(settings).map(({ path, label, isTurns = false, isWords = false }) => (
            <FormCell key={path}>
              <Field
                takes={isWords ? 'words' : isTurns ? 'figures' : 'length'}
                label={isWords ? label : `${label}, ${isTurns ? 'turns' : words.unit}`}
                value={typing[path] ?? withoutUnit(settings[path] ?? usual[path] ?? '', words.unit)}
                onChange={(text) => setTyping({ ...typing, [path]: text })}
                onLeave={() => leave(path, isTurns || isWords)}
                error={settingErrors[path]}
                testID={`setting-${path}`}
              />
            </FormCell>
          ))}
        </Form>
      )}
      <Words kind="small" tone="pencil">
        Travel and turns are common practice until a turn is measured; the hinge’s and the lock’s own sheets decide.
      </Words>
    </Section>
  );
}

const HINGES = (['twoWay', 'threeWay'] as const).map((id) => ({ id, label: ADJUSTABLE_HINGES[id].title }));

const CAMS = [
  { id: '1', label: 'One cam a keep' },
  { id: '2', label: 'Two cams' },
] as const;

const styles = StyleSheet.create({ fold: { alignSelf: 'flex-start', paddingHorizontal: 0 } });
