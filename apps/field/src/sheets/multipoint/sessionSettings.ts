import {
  ADJUSTABLE_HINGES,
  DomainError,
  LOCKING_GAP,
  parseLength,
  profileOf,
  USUAL_CAM,
  USUAL_KEYS,
  type AdjustableHingeId,
  type HingedDoor,
} from '@proper-swing/core';
import type { HandleFeel, MultipointSession, SealFeel } from '@proper-swing/core/sheets';

/** What a session goes by besides readings and turns, as typed, field by field. */
export type SettingsTyped = Readonly<Record<string, string>>;

export interface SettingField {
  path: string;
  label: string;
  /** A length unless it is a count of turns, or words. */
  isTurns?: boolean;
  isWords?: boolean;
}

export type SessionSettings = Pick<MultipointSession, 'hinge' | 'cam' | 'wanted'> & { handle?: HandleFeel; seal?: SealFeel };

/** Figures that can be corrected from the hinge's and the lock's own sheets. */
export const SETTING_FIELDS: readonly SettingField[] = [
  { path: 'height.mmPerTurn', label: 'Height, a turn does' },
  { path: 'height.turnsEachWay', label: 'Height, turns each way', isTurns: true },
  { path: 'side.mmPerTurn', label: 'Sideways, a turn does' },
  { path: 'side.turnsEachWay', label: 'Sideways, turns each way', isTurns: true },
  { path: 'pressure.mmPerTurn', label: 'Pressure, a turn does' },
  { path: 'pressure.turnsEachWay', label: 'Pressure, turns each way', isTurns: true },
  { path: 'cam.eccentricMm', label: 'Cam, off its centre' },
  { path: 'key.height', label: 'Key of the height screw', isWords: true },
  { path: 'key.side', label: 'Key of the side screws', isWords: true },
  { path: 'key.pressure', label: 'Key of the pressure screws', isWords: true },
  { path: 'key.cam', label: 'Driver of the cams', isWords: true },
  { path: 'wanted.minMm', label: 'Locking gap, least' },
  { path: 'wanted.targetMm', label: 'Locking gap, aim at' },
  { path: 'wanted.maxMm', label: 'Locking gap, most' },
  { path: 'wanted.footMm', label: 'Foot gap, least' },
  { path: 'wanted.headMm', label: 'Head gap, least' },
];

const hingeId = (typed: SettingsTyped): AdjustableHingeId => (typed['hinge'] === 'threeWay' ? 'threeWay' : 'twoWay');

/** The fields this kind of hinge has. */
export function settingFieldsFor(typed: SettingsTyped): SettingField[] {
  return SETTING_FIELDS.filter(({ path }) => hingeId(typed) === 'threeWay' || !/pressure/.test(path));
}

const LEAST_FOOT_MM = 3;
const LEAST_HEAD_MM = 3;

/** Figures a session begins with: from the kind of hinge and the trade's locking gap. */
export function usualSettings(typed: SettingsTyped, bare: (mm: number) => string): SettingsTyped {
  const { height, side, pressure } = ADJUSTABLE_HINGES[hingeId(typed)];
  const travel = (name: string, screw: { mmPerTurn: number; turnsEachWay: number } | undefined) =>
    screw ? { [`${name}.mmPerTurn`]: bare(screw.mmPerTurn), [`${name}.turnsEachWay`]: String(screw.turnsEachWay) } : {};
  return {
    ...travel('height', height),
    ...travel('side', side),
    ...travel('pressure', pressure),
    'cam.eccentricMm': bare(USUAL_CAM.eccentricMm),
    ...Object.fromEntries(Object.entries(USUAL_KEYS).map(([kind, key]) => [`key.${kind}`, key])),
    'wanted.minMm': bare(LOCKING_GAP.minMm),
    'wanted.targetMm': bare(LOCKING_GAP.targetMm),
    'wanted.maxMm': bare(LOCKING_GAP.maxMm),
    'wanted.footMm': bare(LEAST_FOOT_MM),
    'wanted.headMm': bare(LEAST_HEAD_MM),
  };
}

/** The locking gap as the door is judged: its profile's, or its own limits. */
export function settingsOfDoor(door: Pick<HingedDoor, 'profile' | 'ownLimits'>): SettingsTyped {
  const { min, target, max } = profileOf(door).edges.latch;
  return { 'wanted.minMm': `${min} mm`, 'wanted.targetMm': `${target} mm`, 'wanted.maxMm': `${max} mm` };
}

/** Reads the settings; a figure that cannot be read is named at its field and the usual one stands for it meanwhile. */
export function readSettings(typed: SettingsTyped, units: 'mm' | 'in'): { settings: SessionSettings; errors: Record<string, string> } {
  const errors: Record<string, string> = {};
  const usual = usualSettings(typed, (mm) => `${mm} mm`);
  const figure = (path: string): number => {
    const text = typed[path]?.trim() ?? '';
    const { isTurns = false } = SETTING_FIELDS.find((each) => each.path === path) ?? {};
    try {
      const value = read(text === '' ? (usual[path] ?? '') : text, isTurns, units, path);
      if (value > 0) return value;
      throw new DomainError('setting.positive', path, 'It must be more than nought.');
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      errors[path] = error.message;
      return read(usual[path] ?? '1', isTurns, units, path);
    }
  };
  const screw = (name: string) => ({ mmPerTurn: figure(`${name}.mmPerTurn`), turnsEachWay: figure(`${name}.turnsEachWay`) });
  const wanted = {
    minMm: figure('wanted.minMm'),
    targetMm: figure('wanted.targetMm'),
    maxMm: figure('wanted.maxMm'),
    footMm: figure('wanted.footMm'),
    headMm: figure('wanted.headMm'),
  };
  if (!(wanted.minMm <= wanted.targetMm && wanted.targetMm <= wanted.maxMm))
    errors['wanted.targetMm'] = 'It must lie between least and most.';
  const handle = handleFrom(typed['handle.effort'], typed['handle.bounces']);
  const seal = typed['seal'] as SealFeel | undefined;
  return {
    settings: {
      hinge: { height: screw('height'), side: screw('side'), ...(hingeId(typed) === 'threeWay' && { pressure: screw('pressure') }) },
      cam: { ...USUAL_CAM, eccentricMm: figure('cam.eccentricMm'), ...(typed['cams'] === '2' && { perKeep: 2 as const }) },
      wanted,
      ...(handle && { handle }),
      ...(seal && { seal }),
    },
    errors,
  };
}

/** A handle as felt, once both questions are answered. */
export function handleFrom(effort: string | undefined, bounces: string | undefined): HandleFeel | undefined {
  if (effort === undefined || effort === '' || bounces === undefined || bounces === '') return undefined;
  return { effort: Number(effort) as HandleFeel['effort'], bounces: bounces === 'yes' };
}

function read(text: string, isTurns: boolean, units: 'mm' | 'in', field: string): number {
  if (!isTurns) return parseLength(text, { defaultUnit: units, field }).mm;
  const turns = Number(text.replace(',', '.'));
  if (!Number.isFinite(turns)) throw new DomainError('figure.number', field, `Cannot read “${text}” as a number.`);
  return turns;
}
