import type { Door } from '@proper-swing/contract';
import { CAUTIONS, EDGES, PROFILE_IDS, toleranceProfile, type ProfileId } from '@proper-swing/core';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { keepDraft } from '../../offline/draft';
import { usePreferences } from '../../offline/preferences';
import { deviceStorage } from '../../offline/storage';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { EDGE_WORDS } from './doorWords';
import { draftOf, LIMIT_KEYS, readDraft, type LimitErrors, type LimitsChoice, type LimitsDraft } from './limitsDraft';

export interface LimitsFormProps {
  door: Door;
  onKeep: (choice: LimitsChoice) => void;
  onLeave: () => void;
}

interface Changing {
  profile: ProfileId;
  isOwn: boolean;
  draft: LimitsDraft;
}

const KEY_WORDS = { min: 'least', target: 'aim at', max: 'most' } as const;

/** Chooses the profile of a door, or types limits for this door alone with the reason. What is typed survives a reload. */
export function LimitsForm({ door, onKeep, onLeave }: LimitsFormProps) {
  const { units } = usePreferences();
  const words = useLengthWords();
  const draftKey = limitsDraftKey(door.id);
  const [changing, setChanging] = useState<Changing>(
    () =>
      keptDraft(draftKey) ?? {
        profile: door.make.profile,
        isOwn: Boolean(door.make.ownLimits),
        draft: draftOf(door.make, words.bare),
      },
  );
  const [errors, setErrors] = useState<LimitErrors>({});
  const { profile, isOwn, draft } = changing;

  useEffect(() => {
    keepDraft(draftKey, changing);
  }, [draftKey, changing]);

  const close = (act: () => void) => {
    deviceStorage.remove(draftKey);
    act();
  };
  const type = (change: (draft: LimitsDraft) => LimitsDraft) => {
    setErrors({});
    setChanging({ ...changing, draft: change(draft) });
  };
  const keep = () => {
    if (!isOwn) {
      close(() => onKeep({ profile, ownLimits: null }));
      return;
    }
    const read = readDraft(draft, units);
    if (read.ok) close(() => onKeep({ profile, ownLimits: read.limits }));
    else setErrors(read.errors);
  };

  return (
    <View style={styles.form}>
      <Choice
        label="Profile"
        options={PROFILE_IDS.map((id) => ({ id, label: toleranceProfile(id).title }))}
        chosen={profile}
        onChoose={(id) => setChanging({ profile: id, isOwn, draft: isOwn ? draft : draftOf({ profile: id }, words.bare) })}
        testID="profile"
      />
      <Words kind="small" tone="pencil">
        {toleranceProfile(profile).source}
      </Words>
      <Choice
        label="Whose limits"
        options={[
          { id: 'profile', label: 'As the profile says' },
          { id: 'own', label: 'Its own limits' },
        ]}
        chosen={isOwn ? 'own' : 'profile'}
        onChoose={(id) => setChanging({ ...changing, isOwn: id === 'own' })}
        testID="whose-limits"
      />
      {isOwn && (
        <>
          {door.make.fireRated && (
            <Slip label="Fire door">
              <Words>{CAUTIONS.fireDoor}</Words>
            </Slip>
          )}
          {EDGES.map((edge) => (
            <View key={edge} style={styles.edge}>
              <Words kind="strong">{`${EDGE_WORDS[edge]}, ${words.unit}`}</Words>
              <View style={styles.figures}>
                {LIMIT_KEYS.map((key) => (
                  <View key={key} style={styles.figure}>
                    <Field
                      label={KEY_WORDS[key]}
                      spoken={`${EDGE_WORDS[edge]}, ${KEY_WORDS[key]}`}
                      value={draft.edges[edge][key]}
                      onChange={(text) => type((was) => ({ ...was, edges: { ...was.edges, [edge]: { ...was.edges[edge], [key]: text } } }))}
                      error={errors[`edges.${edge}.${key}`]}
                      testID={`limit-${edge}-${key}`}
                    />
                  </View>
                ))}
              </View>
            </View>
          ))}
          <Field
            label={`Even within, ${words.unit}`}
            value={draft.evenWithin}
            onChange={(text) => type((was) => ({ ...was, evenWithin: text }))}
            error={errors.evenWithin}
            testID="limit-even"
          />
          <Field
            label="Why this door has its own"
            hint="Its certificate, the specification, a seal"
            value={draft.reason}
            onChange={(text) => type((was) => ({ ...was, reason: text }))}
            error={errors.reason}
            testID="limit-reason"
          />
        </>
      )}
      <View style={styles.keys}>
        <Press kind="quiet" onPress={() => close(onLeave)} style={styles.key}>
          Leave as it was
        </Press>
        <Press onPress={keep} style={styles.key} testID="keep-limits">
          Keep
        </Press>
      </View>
    </View>
  );
}

/** Limits begun and neither kept nor left: the form opens with them again. */
export function hasLimitsDraft(doorId: string): boolean {
  return keptDraft(limitsDraftKey(doorId)) !== undefined;
}

function limitsDraftKey(doorId: string): string {
  return `swing.draft.limits.${doorId}`;
}

function keptDraft(key: string): Changing | undefined {
  try {
    const kept = JSON.parse(deviceStorage.get(key) ?? 'null') as Changing | null;
    return kept !== null && PROFILE_IDS.includes(kept.profile) && typeof kept.draft.reason === 'string' ? kept : undefined;
  } catch {
    return undefined;
  }
}

const styles = StyleSheet.create({
  form: { gap: SPACE.m },
  edge: { gap: SPACE.xs },
  figures: { flexDirection: 'row', gap: SPACE.s },
  figure: { flex: 1, minWidth: 0 },
  keys: { flexDirection: 'row', gap: SPACE.s },
  key: { flex: 1 },
});
