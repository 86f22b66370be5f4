import type { HingedDoorCard } from '@proper-swing/contract';
import { PROFILE_IDS, toleranceProfile, type ProfileId } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { readDraft, useKeptDraft } from '../../offline/draft';
import { usePreferences } from '../../offline/preferences';
import { Choice } from '../../design/Choice';
import { goToFault } from '../../design/goToFault';
import { FormKeys } from '../../design/Form';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { basisWords } from './doorWords';
import { OwnLimitsFields } from './OwnLimitsFields';
import { draftOf, readLimits, type LimitErrors, type LimitsChoice, type LimitsDraft } from './limitsDraft';

export interface LimitsFormProps {
  door: HingedDoorCard;
  onKeep: (choice: LimitsChoice) => void;
  onLeave: () => void;
}

interface Changing {
  profile: ProfileId;
  isOwn: boolean;
  draft: LimitsDraft;
}

/** Chooses the profile of a door, or types limits for this door alone with the reason. What is typed survives a reload. */
export function LimitsForm({ door, onKeep, onLeave }: LimitsFormProps) {
  const { units } = usePreferences();
  const words = useLengthWords();
  const asItIs = (): Changing => ({
    profile: door.make.profile,
    isOwn: Boolean(door.make.ownLimits),
    draft: draftOf(door.make, words.bare),
  });
  const { draft: changing, setDraft: setChanging, drop } = useKeptDraft(limitsDraftKey(door.id), isChanging, asItIs);
  const [errors, setErrors] = useState<LimitErrors>({});
  const { profile, isOwn, draft } = changing;

  const close = (act: () => void) => {
    drop(asItIs());
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
    const read = readLimits(draft, units);
    if (read.ok) close(() => onKeep({ profile, ownLimits: read.limits }));
    else {
      setErrors(read.errors);
      goToFault();
    }
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
        {basisWords(toleranceProfile(profile).source)}
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
      {isOwn && <OwnLimitsFields draft={draft} errors={errors} isFireDoor={door.make.fireRated} onChange={type} />}
      <FormKeys onLeave={() => close(onLeave)} onKeep={keep} testID="keep-limits" />
    </View>
  );
}

/** Limits begun and neither kept nor left: the form opens with them again. */
export function hasLimitsDraft(doorId: string): boolean {
  return readDraft(limitsDraftKey(doorId), isChanging) !== undefined;
}

function limitsDraftKey(doorId: string): string {
  return `swing.draft.limits.${doorId}`;
}

function isChanging(kept: unknown): kept is Changing {
  const { profile, draft } = (kept ?? {}) as Partial<Changing>;
  return profile !== undefined && PROFILE_IDS.includes(profile) && typeof draft?.reason === 'string';
}

const styles = StyleSheet.create({ form: { gap: SPACE.m } });
