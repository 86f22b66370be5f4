import type { Door } from '@proper-swing/contract';
import { HINGE_KINDS, SLAB_KINDS, type HingeLayoutId } from '@proper-swing/core';
import { Choice } from '../../design/Choice';
import { Field, type FieldTakes } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { useLengthWords } from '../../design/lengthWords';
import { capital } from '../../design/capital';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import { HINGE_COUNTS, HINGE_SIDES, LAYOUTS } from '../../doors/hinged/doorChoices';
import { HINGE_WORDS, SLAB_WORDS } from '../../doors/hinged/doorWords';
import { CLOSES_TO } from '../../doors/sliding/panelPresets';
import { FRAME_WORDS, PANEL_WORDS, SCREW_WORDS } from '../../doors/sliding/panelWords';
import { usePreferences } from '../../offline/preferences';
import { hingesByLayout, type CardDraft } from './cardDraft';
import type { CardErrors, CardField } from './cardFields';

interface CardFormProps {
  draft: CardDraft;
  set: (field: CardField) => (text: string) => void;
  errors: CardErrors;
}

const LENGTH = { takes: 'length' } as const;

const YES_NO = [
  { id: 'yes', label: 'Yes' },
  { id: 'no', label: 'No' },
];
const HINGES = HINGE_KINDS.map((id) => ({ id, label: capital(HINGE_WORDS[id]) }));
const optionsOf = (words: Readonly<Record<string, string>>) => Object.entries(words).map(([id, says]) => ({ id, label: capital(says) }));
const NOT_KNOWN = { id: '', label: 'Not known' };
const PANELS = optionsOf(PANEL_WORDS);
const FRAMES_OF = optionsOf(FRAME_WORDS);
const SCREWS = [...optionsOf(SCREW_WORDS), NOT_KNOWN];
const LIFTS = [{ id: 'clockwise', label: 'Clockwise' }, { id: 'anticlockwise', label: 'Anticlockwise' }, NOT_KNOWN];
const SLABS = SLAB_KINDS.map((id) => ({ id, label: SLAB_WORDS[id] }));

/** Every field of the cards of a call, as it stands, to be put right. */
export function CardForm({ kind, draft, set, errors }: CardFormProps & { kind: Door['kind'] }) {
  const { text } = fieldsOf({ draft, set, errors });
  return (
    <>
      <Section title="The call">
        {text('complaint', 'In their words', { isLong: true })}
        {text('scheduledFor', 'When')}
      </Section>
      <Section title="The door">
        {text('title', 'Which door, as they call it')}
        {kind === 'hinged' ? <HingedPart {...{ draft, set, errors }} /> : <SlidingPart {...{ draft, set, errors }} />}
      </Section>
      <Section title="The site">
        {text('name', 'Customer or building')}
        {text('address', 'Address')}
        {text('contact', 'Whom to ask')}
        {text('remarks', 'Access, keys, parking', { isLong: true })}
      </Section>
    </>
  );
}

/** The fields of a form by name: typed, or one of a few. */
function fieldsOf({ draft, set, errors }: CardFormProps) {
  const text = (field: CardField, label: string, more: { isLong?: boolean; takes?: FieldTakes } = {}) => (
    <Field label={label} value={draft[field]} onChange={set(field)} error={errors[field]} {...more} testID={`card-${field}`} />
  );
  const choice = (field: CardField, label: string, options: readonly { id: string; label: string }[]) => (
    <>
      <Words kind="label">{label}</Words>
      <Choice label={label} options={options} chosen={draft[field]} onChoose={set(field)} error={errors[field]} testID={`card-${field}`} />
    </>
  );
  return { text, choice };
}

/** How a door on hinges is made. */
function HingedPart({ draft, set, errors }: CardFormProps) {
  const { unit } = useLengthWords();
  const { text, choice } = fieldsOf({ draft, set, errors });
  return (
    <>
      <Form>
        <FormCell takes="third">{text('slabWidthMm', `Width, ${unit}`, LENGTH)}</FormCell>
        <FormCell takes="third">{text('slabHeightMm', `Height, ${unit}`, LENGTH)}</FormCell>
        <FormCell takes="third">{text('thicknessMm', `Thick, ${unit}`, LENGTH)}</FormCell>
      </Form>
      {choice('hingesOn', 'Hinges, from where the barrels show', HINGE_SIDES)}
      {choice('hingeKind', 'Kind of hinge', HINGES)}
      <HingeHeights draft={draft} set={set} errors={errors} />
      {choice('slabKind', 'Slab', SLABS)}
      {choice('fireRated', 'Fire, smoke or security door', YES_NO)}
      {choice('closer', 'A closer shuts it', YES_NO)}
    </>
  );
}

/** How a sliding door is made; what nobody knows stays empty. */
function SlidingPart({ draft, set, errors }: CardFormProps) {
  const { unit } = useLengthWords();
  const { text, choice } = fieldsOf({ draft, set, errors });
  return (
    <>
      {choice('panelKind', 'How it runs', PANELS)}
      {choice('closesTo', 'Closes to, from inside', CLOSES_TO)}
      <Form>
        <FormCell>{text('panelWidthMm', `Panel width, ${unit}`, LENGTH)}</FormCell>
        <FormCell>{text('panelHeightMm', `Panel height, ${unit}`, LENGTH)}</FormCell>
      </Form>
      {choice('frame', 'Frame', FRAMES_OF)}
      <Form>
        <FormCell>{text('panels', 'Panels in the opening', { takes: 'figure' })}</FormCell>
        <FormCell>{text('slides', 'This one, from the left', { takes: 'figure' })}</FormCell>
      </Form>
      {text('glassMm', `All panes together, ${unit}`, LENGTH)}
      {choice('screwsAt', 'Screws', SCREWS)}
      {choice('liftsBy', 'What lifts the panel', LIFTS)}
      <Form>
        <FormCell takes="third">{text('mmPerTurn', `A turn lifts, ${unit}`, LENGTH)}</FormCell>
        <FormCell takes="third">{text('travelMm', `Travel, ${unit}`, LENGTH)}</FormCell>
        <FormCell takes="third">{text('channelMm', `Head channel, ${unit}`, LENGTH)}</FormCell>
      </Form>
    </>
  );
}

/** Hinge heights as measured, or filled in by how many there are and a layout of the trade. */
function HingeHeights({ draft, set, errors }: CardFormProps) {
  const { units } = usePreferences();
  const { unit, bare } = useLengthWords();
  const count = draft.hingeHeightsMm.split(/[,;]/).length;
  const fill = (layout: HingeLayoutId, hinges: number) => {
    const heights = hingesByLayout(layout, hinges as 2 | 3 | 4, draft, units, bare);
    if (heights !== undefined) set('hingeHeightsMm')(heights);
  };
  return (
    <>
      <Field
        takes="figures"
        label={`Hinge middles below the top of the slab, ${unit}, commas between`}
        value={draft.hingeHeightsMm}
        onChange={set('hingeHeightsMm')}
        error={errors.hingeHeightsMm}
        testID="card-hingeHeightsMm"
      />
      <Words kind="label">How many; set at the usual heights</Words>
      <Choice
        label="How many hinges"
        options={HINGE_COUNTS}
        chosen={String(count)}
        onChoose={(id) => fill('sixAndTen', Number(id))}
        testID="card-count"
      />
      <Words kind="label">Top hinge down, bottom hinge up, about</Words>
      <Form>
        {LAYOUTS.map(({ id, label }) => (
          <FormCell key={id}>
            <Press onPress={() => fill(id, count)} testID={`card-layout-${id}`}>
              {label}
            </Press>
          </FormCell>
        ))}
      </Form>
    </>
  );
}
