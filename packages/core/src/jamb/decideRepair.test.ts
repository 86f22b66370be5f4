import { decideRepair, STOP_IDS } from './decideRepair';
import { AGAINST_IDS } from './remedies';
import type { Damage, JambSurvey } from './survey';

const softFoot: Damage = { kind: 'soft', part: 'outer', fromMm: 0, toMm: 240, depthMm: 20 };
const kicked: Damage = { kind: 'kicked', part: 'inner', fromMm: 820, toMm: 1260 };
const crack: Damage = { kind: 'cracked', part: 'inner', fromMm: 900, toMm: 1100, depthMm: 4 };
const survey = (damages: Damage[], more: Partial<JambSurvey> = {}): JambSurvey => ({
  ...{ side: 'strike', legMm: 2040, thicknessMm: 32, damages, finish: 'painted', school: 'treatedPatch' },
  ...more,
});
const advised = (...of: Parameters<typeof survey>) => decideRepair(survey(...of)).advised;
const against = (remedy: string, ...of: Parameters<typeof survey>) =>
  decideRepair(survey(...of)).options.find((each) => each.remedy === remedy)?.against;

describe('what to do about a leg (common practice, no source)', () => {
  it('a sound one is left, a soft foot patched, a kicked strike spliced, a crack in paint filled', () => {
    expect(advised([])).toBe('leave');
    expect(advised([softFoot])).toBe('patchFoot');
    expect(advised([kicked])).toBe('splice');
    expect(advised([crack])).toBe('fill');
  });

  it('trim that is damaged leaves the leg alone, a soft threshold takes the frame', () => {
    expect(advised([{ ...softFoot, part: 'casing' }])).toBe('leave');
    expect(advised([softFoot, { ...softFoot, part: 'threshold' }])).toBe('wholeFrame');
  });

  it('painted and only cracked is filled, stained is replaced', () => {
    expect(advised([crack], { finish: 'stained', side: 'hinge' })).toBe('wholeLeg');
  });

  it.each([
    ['damaged', 'leave', [crack], {}],
    ['nothingToFill', 'fill', [], {}],
    ['nothingToRenew', 'wholeFrame', [], {}],
    ['softWood', 'fill', [softFoot], {}],
    ['brokenOut', 'fill', [kicked], {}],
    ['stainShows', 'fill', [crack], { finish: 'stained' }],
    ['tooDeep', 'fill', [{ ...crack, depthMm: 20 }], {}],
    ['trimOnly', 'patchFoot', [{ ...softFoot, part: 'casing' }], {}],
    ['notAtFoot', 'patchFoot', [kicked], {}],
    ['tooHigh', 'patchFoot', [{ ...softFoot, toMm: 900 }], {}],
    ['bearingSoft', 'patchFoot', [{ ...softFoot, part: 'inner' }], {}],
    ['standsOnSoft', 'patchFoot', [softFoot, { ...softFoot, part: 'threshold' }], {}],
    ['trimAlone', 'splice', [{ ...kicked, part: 'stop' }], {}],
    ['hingeLeg', 'splice', [kicked], { side: 'hinge' }],
    ['softAtFoot', 'splice', [softFoot], {}],
    ['longerThanWorth', 'splice', [{ ...kicked, fromMm: 300, toMm: 1700 }], {}],
    ['noSoundEnd', 'splice', [{ ...kicked, toMm: 2010 }], {}],
    ['legSound', 'wholeLeg', [{ ...softFoot, part: 'casing' }], {}],
    ['thresholdSoft', 'wholeLeg', [softFoot, { ...softFoot, part: 'threshold' }], {}],
  ] as const)('%s speaks against %s', (rule, remedy, damages, more) => {
    expect(against(remedy, [...damages] as Damage[], more)).toContain(rule);
    expect(AGAINST_IDS).toContain(rule);
  });

  it('schools differ over a soft foot: a patch, resin where little is soft, a whole leg', () => {
    const little: Damage = { ...softFoot, toMm: 100, depthMm: 8 };
    expect(advised([little])).toBe('patchFoot');
    expect(advised([little], { school: 'resin' })).toBe('fill');
    expect(advised([softFoot], { school: 'resin' })).toBe('patchFoot');
    // What bears the hinges is never left to resin.
    expect(advised([{ ...little, part: 'inner' }], { school: 'resin' })).toBe('wholeLeg');
    expect(advised([softFoot], { school: 'wholeLeg' })).toBe('wholeLeg');
  });

  it.each([
    ['framingWet', { framingIsWet: true }],
    ['cracksMove', { cracksMove: true }],
    ['noBearing', { headLacksBearing: true }],
    ['label', { hasLabel: true }],
  ] as const)('%s stops the work: nothing is advised', (stop, more) => {
    const found = decideRepair(survey([softFoot], more));
    expect(found.stops).toEqual([stop]);
    expect(found.advised).toBeUndefined();
    expect(STOP_IDS).toContain(stop);
  });

  it('soft framing stops it as well', () => {
    expect(decideRepair(survey([softFoot, { ...softFoot, part: 'framing' }])).stops).toEqual(['framingWet']);
  });

  it('says what comes first: where water comes from, drying, the membrane, trim, a lock for tonight', () => {
    const first = (...of: Parameters<typeof survey>) => decideRepair(survey(...of)).first;
    expect(first([softFoot], { moisturePercent: 19 })).toEqual(['findWater', 'dryFirst']);
    expect(first([{ ...crack, part: 'membrane' }])).toEqual(['mendMembrane']);
    expect(first([{ ...softFoot, part: 'casing' }])).toContain('renewTrim');
    expect(first([kicked])).toEqual(['lockTonight']);
    expect(first([kicked], { side: 'hinge' })).toEqual([]);
    expect(first([crack], { moisturePercent: 12 })).toEqual([]);
  });
});
