import { complaintsOn, finding, HANDBOOKS, modelOfDoor } from '@proper-swing/core/doors';
import { isValid } from 'date-fns/isValid';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useForm, type Path } from 'react-hook-form';
import { dayKey, timeOf } from '../../day/days';
import { dropDraft, isTexts, keepDraft, readDraft } from '../../offline/draft';
import { usePreferences, type Preferences } from '../../offline/preferences';
import { JOB_WORDS, JOBS_ON } from '../../call/stages';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Several } from '../../design/Several';
import { FormFault } from '../../design/Form';
import { goToFault } from '../../design/goToFault';
import { useDoors } from '../../offline/lists';
import { presetSizes } from './presetSizes';
import { DoorPart } from './DoorPart';
import { checker, checkLate } from './checkLate';
import type { NewCallForm } from './newCallForm';
import { SitePart } from './SitePart';
import { modelFor, slidingCard } from '../../record/door';
import { complaintsOf } from './complaints';
import { makeOf, MAKES } from './makes';
import { startCall } from './startCall';
import { WhenPart } from './WhenPart';

const DRAFT_KEY = 'swing.draft.newCall';

/** What stands there before a time is chosen. */
const FIRST_CALL = '08:00';

/** A new call in a few taps: site, door, complaint. What is typed survives a reload. */
export function NewCall() {
  const { at, ...given } = useLocalSearchParams<{ siteId?: string; doorId?: string; at?: string }>();
  const preferences = usePreferences();
  const { watch, setValue, handleSubmit, formState, reset } = useForm<NewCallForm>({
    defaultValues: { ...blankForm(preferences), ...given, ...(at !== undefined && bookedAt(at)) },
    resolver: checkLate,
    reValidateMode: 'onChange',
  });
  const [fault, setFault] = useState<string>();
  const [begun, setBegun] = useState(() => readDraft(DRAFT_KEY, isForm));
  const isStarted = useRef(false);
  // eslint-disable-next-line react-hooks/incompatible-library -- watched on purpose: the draft is kept at every letter
  const form = watch();
  const isBegun = form.siteId !== '';
  const doors = useDoors(form.siteId === '' || form.siteId === 'new' ? undefined : form.siteId);
  const made = form.doorId === 'new' ? makeOf(form.preset) : undefined;
  const chosen = doors.find(({ id }) => id === form.doorId);
  const kind = made?.kind ?? chosen?.kind ?? 'hinged';
  const { complaintIds } = form;
  const complaints = useMemo(() => {
    const told = complaintsOf({ complaintIds });
    if (chosen) return complaintsOn(modelFor(chosen), told);
    return made?.kind === 'sliding'
      ? complaintsOn(modelOfDoor({ kind: 'sliding', card: slidingCard(made.preset) }), told)
      : finding(HANDBOOKS.hinged.complaint).answers;
  }, [chosen, made, complaintIds]);
  const set = (name: Path<NewCallForm>) => (value: string) =>
    setValue(name, value, { shouldDirty: true, shouldValidate: formState.isSubmitted });
  const error = (name: keyof NewCallForm) => formState.errors[name]?.message;

  useEffect(() => {
    if (formState.isDirty && !isStarted.current) keepDraft(DRAFT_KEY, form);
  }, [form, formState.isDirty]);
  useEffect(() => {
    if (isBegun) checker().catch(() => undefined);
  }, [isBegun]);

  const clear = () => {
    dropDraft(DRAFT_KEY);
    setBegun(undefined);
    setFault(undefined);
    reset(blankForm(preferences));
  };

  const start = handleSubmit((checked) => {
    // A second press while the first one is being checked makes no second call.
    if (isStarted.current) return;
    try {
      isStarted.current = true;
      const callId = startCall(checked, kind);
      dropDraft(DRAFT_KEY);
      router.replace(checked.when === 'booked' ? '/' : `/call/${callId}`);
    } catch {
      isStarted.current = false;
      setFault('This device is full: nothing was begun. Make room and try again.');
    }
  }, goToFault);

  return (
    <Page
      header={
        <Header
          title="New call"
          onBack={() => router.navigate('/')}
          backLabel="Back to today's calls"
          right={
            formState.isDirty && (
              <Press onPress={clear} testID="clear-form">
                Clear
              </Press>
            )
          }
        />
      }
      footer={
        <>
          <FormFault says={fault} />
          <Press
            kind="primary"
            onPress={() =>
              void start().catch(() => setFault('This part of the program could not be fetched. Try again when there is a signal.'))
            }
            testID="start-call"
          >
            {form.when === 'booked' ? 'Book the call' : 'Start the call'}
          </Press>
        </>
      }
    >
      {begun !== undefined && !formState.isDirty && (
        <Press
          onPress={() => {
            reset({ ...blankForm(preferences), ...begun, units: preferences.units }, { keepDefaultValues: true });
            setBegun(undefined);
          }}
          testID="go-on"
        >
          {`Go on with the one begun: ${[begun.siteName, begun.doorTitle].filter(Boolean).join(', ') || 'not named yet'}`}
        </Press>
      )}
      <SitePart form={form} set={set} error={error} />
      {isBegun && <DoorPart form={form} set={set} error={error} preferences={preferences} doors={doors} />}
      {form.doorId !== '' && (
        <Section title={form.job === 'repair' ? 'What does it do?' : 'What is wanted?'}>
          <Choice
            label="What is it for?"
            options={JOBS_ON[kind].map((id) => ({ id, label: JOB_WORDS[id] }))}
            chosen={form.job}
            onChoose={set('job')}
            testID="job"
          />
          {form.job === 'repair' && (
            <Several
              label="Complaints: as many as there are"
              options={complaints}
              chosen={complaintsOf(form)}
              onChange={(ids) => set('complaintIds')(ids.join(' '))}
              testID="complaint"
            />
          )}
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
      {form.doorId !== '' && <WhenPart form={form} set={set} error={error} />}
    </Page>
  );
}

function blankForm(preferences: Preferences): NewCallForm {
  const [first] = MAKES;
  const sizes = first && presetSizes(first, preferences);
  return {
    units: preferences.units,
    siteId: '',
    siteName: '',
    address: '',
    contact: '',
    doorId: '',
    doorTitle: '',
    preset: first?.preset.id ?? '',
    layout: 'sixAndTen',
    hinges: String(first?.kind === 'hinged' ? first.preset.hingeCount : 3),
    closesTo: 'left',
    hingesOn: 'left',
    width: sizes?.width ?? '',
    height: sizes?.height ?? '',
    job: 'repair',
    complaintIds: '',
    complaint: '',
    when: 'now',
    day: dayKey(new Date()),
    time: FIRST_CALL,
  };
}

/** As a call at the same time is. */
const bookedAt = (at: string) => (isValid(new Date(at)) ? { when: 'booked' as const, day: dayKey(at), time: timeOf(at) } : {});

const isForm = (kept: unknown): kept is Partial<NewCallForm> => isTexts(kept);
