import type { CallRecord } from '@proper-swing/contract';
import type { SettingWork as HingedWork } from '@proper-swing/core';
import { action, placeSays, type ActionId, type PlaceId } from '@proper-swing/core/doors';
import { StyleSheet, View } from 'react-native';
import { capital } from '../../design/capital';
import type { LengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { wayWords } from '../../record/planWords';
import { atPlace, logWork } from '../../record/writeAdjustment';
import { newAct } from '../../record/writing';

/** Work that a setting is made by. */
interface SettingWork extends Pick<HingedWork, 'amount' | 'planed'> {
  action: ActionId;
  place?: PlaceId;
}

export interface SettingLogProps {
  record: CallRecord;
  works: readonly SettingWork[];
  /** All of it is work that may be done on this door. */
  isWhole: boolean;
  /** Nobody logs a door set so that it comes out. */
  mayBeLeft?: boolean;
  words: LengthWords;
  onLogged: () => void;
}

/** What a setting of one's own is made by on this door, to be logged once it is done. */
export function SettingLog({ record, works, isWhole, mayBeLeft = true, words, onLogged }: SettingLogProps) {
  const log = () => {
    const go = newAct();
    for (const { action: id, place, amount, planed } of works) {
      logWork(record, {
        ...{ action: id, amount, unit: action(id).unit, go },
        ...atPlace(record, place),
        ...(planed && { fromMm: planed.fromMm, toMm: planed.toMm }),
      });
    }
    onLogged();
  };
  return (
    <View style={styles.log}>
      {works.map((work) => (
        <Words key={`${work.action}-${work.place ?? ''}`} testID="setting-work">
          {settingWords(work, words)}
        </Words>
      ))}
      {!isWhole && (
        <Words tone="tight" testID="setting-not-whole">
          Some of this is no work that is allowed on this door: tried, but not to be logged here.
        </Words>
      )}
      {isWhole && mayBeLeft && works.length > 0 && (
        <Press onPress={log} testID="log-setting">
          Done so: log it
        </Press>
      )}
    </View>
  );
}

/** `Top hinge, shim with card: 3 layers of 0.5 mm card` */
function settingWords({ action: id, place, amount, planed }: SettingWork, words: LengthWords): string {
  const { title, unit } = action(id);
  const much = planed
    ? `${words.bare(planed.fromMm)} at the top to ${words.withUnit(planed.toMm)} at the foot`
    : wayWords(id, amount, unit, words);
  return `${place === undefined ? '' : `${capital(placeSays(place))}: `}${place === undefined ? title : title.toLowerCase()}, ${much}`;
}

const styles = StyleSheet.create({ log: { gap: SPACE.xs } });
