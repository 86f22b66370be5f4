import { CAUTIONS, HINGE_SCREWS, type HingeScrewId } from '@proper-swing/core';
import type { NextTurns } from '@proper-swing/core/sheets';
import { useState } from 'react';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { FormFault } from '../../design/Form';
import { Stepper } from '../../design/Stepper';
import { Words } from '../../design/Words';
import { runChecked } from '../../engine/engine';
import type { LengthWords } from '../../design/lengthWords';
import { turnWords } from '../turnWords';
import { turnedWords } from './gapWords';
import { ScrewSense } from './ScrewSense';
import type { SessionStore } from './sessionStore';

const QUARTER = 0.25;
const KIND_SCREW = { height: 'height', side: 'topSide', pressure: 'pressure' } as const satisfies Record<string, HingeScrewId>;

/** Screws to turn, each corrected by quarters to what was really done, and logged together. */
export function TurnScrews({ turns, store, words }: { turns: NextTurns['turns']; store: SessionStore; words: LengthWords }) {
  const [done, setDone] = useState<Partial<Record<HingeScrewId, number>>>(() =>
    Object.fromEntries(turns.map(({ screw, turns: n }) => [screw, n])),
  );
  const [refused, setRefused] = useState<string>();
  const kinds = [...new Set(turns.map(({ screw }) => HINGE_SCREWS[screw].kind))];
  const isHeight = turns.some(({ screw }) => screw === 'height');
  const log = async () => {
    const answer = await runChecked('multipoint.check', { ...store.session, turns: done });
    if (answer.ok) store.logTurns(done);
    else setRefused(answer.errors.map(({ message }) => message).join(' '));
  };
  const by = (screw: HingeScrewId, change: number) => {
    setRefused(undefined);
    setDone({ ...done, [screw]: (done[screw] ?? 0) + change });
  };
  return (
    <>
      {turns.map(({ screw, title, way, mm, leftTurns }) => (
        <Stepper
          key={screw}
          label={title}
          less={`${title}: a quarter less toward ${way}`}
          more={`${title}: a quarter more toward ${way}`}
          onStep={(step) => by(screw, step * QUARTER * Math.sign(mm || 1))}
          testID={`turn-${screw}`}
        >
          <Words kind="label" tone="pencil">
            {title}
          </Words>
          <Words kind="title">{doneWords(screw, done[screw] ?? 0, mm)}</Words>
          <Words>{`${way}${moveWords(mm, words)}, then ${turnWords(leftTurns)} left`}</Words>
        </Stepper>
      ))}
      {kinds.map((kind) => {
        const { plus, minus } = HINGE_SCREWS[KIND_SCREW[kind]];
        const way = turns.find(({ screw }) => HINGE_SCREWS[screw].kind === kind)?.turns ?? 0;
        return <ScrewSense key={kind} kind={kind} store={store} plus={plus} minus={minus} way={way} />;
      })}
      <Slip label="Take care">
        <Words>{isHeight ? CAUTIONS.support : CAUTIONS.pinch}</Words>
        <Words>Loosen locking screws first. A screw that comes up hard is at its end: do not force it.</Words>
      </Slip>
      <FormFault says={refused} testID="refused" />
      <Press kind="primary" onPress={() => void log()} testID="log-turns">
        Done: log these turns
      </Press>
    </>
  );
}

/** The way goes without saying while it is the way that is wanted. */
function doneWords(screw: HingeScrewId, turns: number, wantedMm: number): string {
  return turns * wantedMm < 0 ? turnedWords(screw, turns) : turnWords(turns);
}

/** What a turn moves, unless it is finer than this person's lengths are written. */
function moveWords(mm: number, { bare, withUnit }: LengthWords): string {
  return bare(Math.abs(mm)) === '0' ? '' : `: ${withUnit(Math.abs(mm))}`;
}
