import type { PlanAim } from '@proper-swing/core';
import type { Correction, Plan } from '@proper-swing/core/doors';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { GROUP_KEYS } from '../../design/groupKeys';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { AIM_WORDS, promiseWords } from '../../record/planWords';

export interface PlanTabsProps {
  plans: readonly Plan[];
  binds: Correction['binds'];
  chosen: PlanAim;
  onChoose: (aim: PlanAim) => void;
}

/** The plans side by side: what each is for, how long it takes, how likely it is to do it at the first check. */
export function PlanTabs({ plans, binds, chosen, onChoose }: PlanTabsProps) {
  if (plans.length < 2) return null;
  return (
    <View style={styles.row} role="radiogroup" aria-label="Which plan" {...GROUP_KEYS}>
      {plans.map((plan, i) => {
        const isChosen = plan.aim === chosen;
        const tone = isChosen ? 'paper' : 'ink';
        return (
          <Press
            key={plan.aim}
            role="radio"
            chosen={isChosen}
            isStop={isChosen || (i === 0 && plans.every(({ aim }) => aim !== chosen))}
            onPress={() => onChoose(plan.aim)}
            label={`${AIM_WORDS[plan.aim]}: ${Math.round(plan.minutes)} minutes, at the first check ${promiseWords(plan, plans, binds)}`}
            style={styles.tab}
            testID={`plan-${plan.aim.replaceAll(' ', '-')}`}
          >
            <View style={styles.words}>
              <Words kind="label" tone={tone} lines={1}>
                {AIM_WORDS[plan.aim]}
              </Words>
              <Words kind="title" tone={tone}>
                {`${Math.round(plan.minutes)} min`}
              </Words>
              <Words kind="label" tone={tone} lines={1}>
                {promiseWords(plan, plans, binds)}
              </Words>
            </View>
          </Press>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.s },
  tab: { flex: 1, paddingHorizontal: SPACE.xs },
  words: { alignItems: 'center' },
});
