import { candidate, untreated } from './candidate';
import { action, gaps, plan, setting, trial } from './planning.fixture';
import { gains, withoutPatchwork } from './reducedPlans';

const settings = [setting(2), setting(0)];
/** The doors of the trial, all but `free` of twenty with a gap that rubs until it is set. */
const doors = (free: number) => ({
  ...trial,
  drawn: Array.from({ length: 5 }, () => trial.drawn)
    .flat()
    .map((door, i) => ({ ...door, gaps: gaps(2, i < free ? 2 : 0.3) })),
});
const worked = (free: number, cures = [action('hold')]) => {
  const on = doors(free);
  const opening = settings.map((each, i) => ({ ...each, changes: gaps(0, i === 0 ? 0.5 : 0) }));
  return { on, each: candidate(on, { ...untreated(on), cures }, plan({ settings: opening })) };
};

describe('where nothing brings the door where it should be', () => {
  it('its causes are treated, and hinges are set only where that frees it a tenth more often', () => {
    const [little, much] = [worked(19), worked(18)];
    const settingsOf = ({ on, each }: typeof little) => withoutPatchwork(on, each).found.settings.length;
    expect([settingsOf(little), settingsOf(much)]).toEqual([0, 2]);
    expect(withoutPatchwork(little.on, little.each).cures.map(({ id }) => id)).toEqual(['hold']);
    // With no cause to treat the settings are all there is.
    const only = worked(19, []);
    expect(withoutPatchwork(only.on, only.each)).toBe(only.each);
  });

  it('work is worth doing when it treats a cause, or frees the door a tenth more often', () => {
    const on = doors(18);
    const alone = candidate(on, untreated(on), plan());
    const set = (free: number) => ({ ...alone, chances: { ...alone.chances, free } });
    expect(alone.chances.free).toBe(0.9);
    expect([gains(set(1), alone), gains(set(0.95), alone), gains({ ...set(0.9), cures: [action('glue')] }, alone)]).toEqual([
      true,
      false,
      true,
    ]);
  });
});
