import { CAUTIONS } from '@proper-swing/core';
import type { NextTurns } from '@proper-swing/core/sheets';
import { useState } from 'react';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { FormFault } from '../../design/Form';
import { Stepper } from '../../design/Stepper';
import { Words } from '../../design/Words';
import { runChecked } from '../../engine/engine';
import type { LengthWords } from '../../design/lengthWords';
import { camWords } from './gapWords';
import { HandleFeelFields } from './HandleFeel';
import { ScrewSense } from './ScrewSense';
import { handleFrom } from './sessionSettings';
import type { SessionStore } from './sessionStore';

/** A cam to turn, and how the handle goes after it: logged together, refused beyond a quarter or past its range. */
export function TurnCam({ cam, store, words }: { cam: NonNullable<NextTurns['cam']>; store: SessionStore; words: LengthWords }) {
  const way = Math.sign(cam.quarters);
  const at = { keep: cam.keep, ...(cam.cam && { cam: cam.cam }) };
  const [quarters, setQuarters] = useState(Math.abs(cam.quarters));
  const [effort, setEffort] = useState('');
  const [bounces, setBounces] = useState('');
  const [refused, setRefused] = useState<string>();
  const log = async () => {
    const handle = handleFrom(effort, bounces);
    if (handle === undefined) {
      setRefused('Shut the door and try the handle first: how does it go, and does the door bounce?');
      return;
    }
    const answer = await runChecked('multipoint.check', { ...store.session, go: { ...at, quarters: way * quarters } });
    if (answer.ok) store.logKeep(at, way * quarters, handle);
    else setRefused(answer.errors.map(({ message }) => message).join(' '));
  };
  const set = (to: number) => {
    setRefused(undefined);
    setQuarters(to);
  };
  return (
    <>
      <Stepper
        label="The cam"
        less="Less of the cam"
        more="More of the cam"
        onStep={(by) => set(Math.max(0.5, quarters + by * 0.5))}
        testID="cam"
      >
        <Words kind="title" testID="cam-words">{`${camWords(quarters)} ${cam.way}`}</Words>
        <Words tone="pencil">{`${quarters === Math.abs(cam.quarters) ? `Moves the keep ${words.withUnit(Math.abs(cam.mm))}. ` : ''}Counted from where the cam stood as found: look at its mark first.`}</Words>
      </Stepper>
      <ScrewSense kind="cam" store={store} plus="tighter" minus="easier" way={way} />
      <HandleFeelFields effort={effort} bounces={bounces} onEffort={setEffort} onBounces={setBounces} />
      <Slip label="Take care">
        <Words>{CAUTIONS.security}</Words>
      </Slip>
      <FormFault says={refused} testID="refused" />
      <Press kind="primary" onPress={() => void log()} testID="log-cam">
        Tried: log this turn
      </Press>
    </>
  );
}
