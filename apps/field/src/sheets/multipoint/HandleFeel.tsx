import { HANDLE_EFFORTS } from '@proper-swing/core';
import { Choice } from '../../design/Choice';
import { Words } from '../../design/Words';
import type { SessionStore } from './sessionStore';

/** How the handle went before any keep was touched. */
export function HandleAsFound({ store }: { store: SessionStore }) {
  const { settings, setSettings } = store;
  return (
    <HandleFeelFields
      effort={settings['handle.effort'] ?? ''}
      bounces={settings['handle.bounces'] ?? ''}
      onEffort={(effort) => setSettings({ 'handle.effort': effort })}
      onBounces={(bounces) => setSettings({ 'handle.bounces': bounces })}
    />
  );
}

interface HandleFieldsProps {
  effort: string;
  bounces: string;
  onEffort: (effort: string) => void;
  onBounces: (bounces: string) => void;
}

/** How the handle goes with the door shut, and whether the door bounces. */
export function HandleFeelFields({ effort, bounces, onEffort, onBounces }: HandleFieldsProps) {
  return (
    <>
      <Words kind="label">Door shut, the handle goes</Words>
      <Choice label="The handle goes" options={EFFORTS} chosen={effort} onChoose={onEffort} testID="effort" />
      <Words kind="label">Pulled at the middle, the shut door</Words>
      <Choice label="The shut door" options={BOUNCES} chosen={bounces} onChoose={onBounces} testID="bounces" />
    </>
  );
}

/** How the hinge side lies on its seal after the pressure screws were turned. */
export function Seal({ store }: { store: SessionStore }) {
  const last = store.session.goes.at(-1);
  if (last?.turns.pressure === undefined || last.seal !== undefined) return null;
  return (
    <>
      <Words kind="label">Now the hinge side lies on its seal</Words>
      <Choice label="Hinge side on its seal" options={SEALS} chosen={undefined} onChoose={store.logSeal} testID="seal" />
    </>
  );
}

const EFFORTS = HANDLE_EFFORTS.map(({ effort, title }) => ({ id: String(effort), label: title }));
const BOUNCES = [
  { id: 'yes', label: 'Bounces' },
  { id: 'no', label: 'Stands firm' },
] as const;
export const SEALS = [
  { id: 'loose', label: 'Loose' },
  { id: 'even', label: 'Even' },
  { id: 'hard', label: 'Too hard' },
] as const;
