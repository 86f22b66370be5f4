import { yupResolver } from '@hookform/resolvers/yup';
import { finding, formatNumber, HINGE_LAYOUT_IDS, HINGE_LAYOUTS } from '@proper-swing/core';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useState } from 'react';
import { useForm, type Path } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { keepDraft } from '../../offline/draft';
import { useDoors, useSites } from '../../offline/lists';
import { lengthStyle, usePreferences, type Preferences } from '../../offline/preferences';
import { deviceStorage } from '../../offline/storage';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { DOOR_PRESETS } from '../../doors/hinged/doorPresets';
import { newCallSchema, type NewCallForm } from './newCallForm';
import { startCall } from './startCall';

const DRAFT_KEY = 'swing.draft.newCall';
/** More sites than this want a search rather than a longer list. */
const SITES_SHOWN = 6;

/** A new call in a few taps: site, door, complaint. What is typed survives a reload. */
export function NewCall() {
  const given = useLocalSearchParams<{ siteId?: string; doorId?: string }>();
  const preferences = usePreferences();
  const { watch, setValue, handleSubmit, formState } = useForm<NewCallForm>({
    defaultValues: { ...blankForm(preferences), ...(given.siteId === undefined ? readDraft() : given), units: preferences.units },
    resolver: yupResolver(newCallSchema),
    reValidateMode: 'onChange',
  });
  const [fault, setFault] = useState<string>();
  // eslint-disable-next-line react-hooks/incompatible-library -- watched on purpose: the draft is kept at every letter
  const form = watch();
  const set = (name: Path<NewCallForm>) => (value: string) => setValue(name, value, { shouldValidate: formState.isSubmitted });
  const error = (name: keyof NewCallForm) => formState.errors[name]?.message;

  useEffect(() => {
    keepDraft(DRAFT_KEY, form);
  }, [form]);

  const start = handleSubmit((checked) => {
    try {
      const callId = startCall(checked);
      deviceStorage.remove(DRAFT_KEY);
      router.replace(`/call/${callId}`);
    } catch {
      setFault('This device is full: nothing was begun. Make room and try again.');
    }
  });

  return (
    <Page
      header={<Header title="New call" onBack={() => router.navigate('/')} backLabel="Back to today's calls" />}
      footer={
        <>
          {fault !== undefined && <Words tone="tight">{fault}</Words>}
          <Press kind="primary" onPress={() => void start()} testID="start-call">
            Start the call
          </Press>
        </>
      }
    >
      <SitePart form={form} set={set} error={error} />
      {form.siteId !== '' && <DoorPart form={form} set={set} error={error} preferences={preferences} />}
      {form.doorId !== '' && (
        <Section title="What does it do?">
          <Choice
            label="Complaint"
            options={finding('complaint').answers}
            chosen={form.complaintId}
            onChoose={set('complaintId')}
            testID="complaint"
          />
          <Field
            label="In their words"
            value={form.complaint}
            onChange={set('complaint')}
            error={error('complaint')}
            isLong
            testID="complaint-text"
          />
        </Section>
      )}
    </Page>
  );
}

interface PartProps {
  form: NewCallForm;
  set: (name: Path<NewCallForm>) => (value: string) => void;
  error: (name: keyof NewCallForm) => string | undefined;
}

function SitePart({ form, set, error }: PartProps) {
  const sites = useSites();
  const [sought, setSought] = useState('');
  const matching = sites.filter(({ name, address }) => `${name} ${address}`.toLowerCase().includes(sought.toLowerCase()));
  const shown = matching.filter(({ id }, i) => i < SITES_SHOWN || id === form.siteId);
  const choose = (id: string) => {
    set('siteId')(id);
    set('doorId')(id === 'new' ? 'new' : '');
  };
  return (
    <Section title="Where?">
      {sites.length > SITES_SHOWN && <Field label="Search sites" value={sought} onChange={setSought} />}
      <Choice
        label="Site"
        options={[...shown.map(({ id, name }) => ({ id, label: name })), { id: 'new', label: 'New site' }]}
        chosen={form.siteId}
        onChoose={choose}
        testID="site"
      />
      <Fault message={error('siteId')} />
      {form.siteId === 'new' && (
        <View style={styles.fields}>
          <Field
            label="Customer or building"
            value={form.siteName ?? ''}
            onChange={set('siteName')}
            error={error('siteName')}
            testID="site-name"
          />
          <Field label="Address" value={form.address} onChange={set('address')} error={error('address')} />
          <Field label="Whom to ask" value={form.contact} onChange={set('contact')} error={error('contact')} />
        </View>
      )}
    </Section>
  );
}

function DoorPart({ form, set, error, preferences }: PartProps & { preferences: Preferences }) {
  const doors = useDoors(form.siteId === 'new' ? undefined : form.siteId);
  const choosePreset = (id: string) => {
    const preset = DOOR_PRESETS.find((each) => each.id === id);
    if (preset === undefined) return;
    const style = lengthStyle(preferences);
    set('preset')(id);
    set('width')(formatNumber(preset.slabWidthMm, style));
    set('height')(formatNumber(preset.slabHeightMm, style));
  };
  return (
    <Section title="Which door?">
      <Choice
        label="Door"
        options={[...doors.map(({ id, title }) => ({ id, label: title })), { id: 'new', label: 'New door' }]}
        chosen={form.doorId}
        onChoose={set('doorId')}
        testID="door"
      />
      <Fault message={error('doorId')} />
      {form.doorId === 'new' && (
        <View style={styles.fields}>
          <Field
            label="Which door, as they call it"
            value={form.doorTitle ?? ''}
            onChange={set('doorTitle')}
            error={error('doorTitle')}
            testID="door-title"
          />
          <Words kind="label">Make</Words>
          <Choice label="Make" options={DOOR_PRESETS} chosen={form.preset} onChoose={choosePreset} testID="preset" />
          <Words kind="label">Hinges, from where the barrels show</Words>
          <Choice label="Hinges on" options={SIDES} chosen={form.hingesOn} onChoose={set('hingesOn')} testID="hinges" />
          <Words kind="label">Top hinge down from the head, bottom hinge up from the foot, about</Words>
          <Choice label="Hinges set at" options={LAYOUTS} chosen={form.layout} onChoose={set('layout')} testID="layout" />
          <View style={styles.pair}>
            <View style={styles.half}>
              <Field
                label={`Slab width, ${form.units}`}
                value={form.width ?? ''}
                onChange={set('width')}
                error={error('width')}
                testID="width"
              />
            </View>
            <View style={styles.half}>
              <Field
                label={`Slab height, ${form.units}`}
                value={form.height ?? ''}
                onChange={set('height')}
                error={error('height')}
                testID="height"
              />
            </View>
          </View>
        </View>
      )}
    </Section>
  );
}

function Fault({ message }: { message: string | undefined }) {
  return message === undefined ? null : <Words tone="tight">{message}</Words>;
}

const LAYOUTS = HINGE_LAYOUT_IDS.map((id) => ({ id, label: HINGE_LAYOUTS[id].label }));

const SIDES = [
  { id: 'left', label: 'On the left' },
  { id: 'right', label: 'On the right' },
] as const;

function blankForm(preferences: Preferences): NewCallForm {
  const [first] = DOOR_PRESETS;
  const style = lengthStyle(preferences);
  const size = (mm: number | undefined) => (mm === undefined ? '' : formatNumber(mm, style));
  return {
    units: preferences.units,
    siteId: '',
    siteName: '',
    address: '',
    contact: '',
    doorId: '',
    doorTitle: '',
    preset: first?.id ?? '',
    layout: 'sixAndTen',
    hingesOn: 'left',
    width: size(first?.slabWidthMm),
    height: size(first?.slabHeightMm),
    complaintId: '',
    complaint: '',
  };
}

function readDraft(): Partial<NewCallForm> {
  try {
    return JSON.parse(deviceStorage.get(DRAFT_KEY) ?? '{}') as Partial<NewCallForm>;
  } catch {
    return {};
  }
}

const styles = StyleSheet.create({
  fields: { gap: SPACE.m },
  pair: { flexDirection: 'row', gap: SPACE.m },
  half: { flex: 1 },
});
