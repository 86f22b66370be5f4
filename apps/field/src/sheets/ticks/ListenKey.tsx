import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { FormFault } from '../../design/Form';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { hearInWorker } from '../../engine/engine';
import { canListen, listen, type Listening } from './microphone';
import { isHeardWhole } from './passes';

const SECOND_MS = 1000;

export interface ListenKeyProps {
  nth: string;
  /** Where ticks were heard within the pass, each as a share of it. */
  onHeard: (shares: readonly number[]) => void;
}

/** Lets the microphone hear the ticks of a pass, from one end of the travel to the other. */
export function ListenKey({ nth, onHeard }: ListenKeyProps) {
  const [listening, setListening] = useState<Listening>();
  const [seconds, setSeconds] = useState(0);
  const [fault, setFault] = useState<string>();
  const open = useRef<Listening>(undefined);
  const begunAt = useRef(0);
  useEffect(() => {
    if (listening === undefined) return undefined;
    const timer = setInterval(() => setSeconds((was) => was + 1), SECOND_MS);
    return () => clearInterval(timer);
  }, [listening]);
  useEffect(() => () => open.current?.drop(), []);

  const begin = async () => {
    setFault(undefined);
    setSeconds(0);
    try {
      open.current = await listen();
      begunAt.current = performance.now();
      setListening(open.current);
    } catch {
      setFault('The microphone is not allowed or not there. Tap the ticks, or write them down.');
    }
  };
  const end = async () => {
    open.current = undefined;
    setListening(undefined);
    const slidS = (performance.now() - begunAt.current) / SECOND_MS;
    try {
      const sound = await listening?.end();
      if (sound === undefined) return;
      const length = sound.samples.length / sound.rate;
      if (!isHeardWhole(length, slidS)) {
        setFault(
          `Only ${Math.round(length)} of ${Math.round(slidS)} s of that pass were heard: nothing of it is taken. Slide it once more.`,
        );
        return;
      }
      const at = await hearInWorker(sound.samples, sound.rate);
      onHeard(at.map((second) => second / length));
      if (at.length === 0) setFault('No tick stood out. Hold the telephone nearer to the wheels, or tap.');
    } catch {
      setFault('Nothing of that pass could be heard. Slide it once more.');
    }
  };
  if (!canListen()) return null;
  return (
    <View style={styles.listen}>
      {listening === undefined ? (
        <Press onPress={() => void begin()} testID="listen-start">
          {`Or let it listen to pass ${nth}`}
        </Press>
      ) : (
        <Press kind="primary" style={styles.ear} onPress={() => void end()} testID="listen-end">
          {`Listening · ${seconds} s. End of the slide`}
        </Press>
      )}
      <FormFault says={fault} testID="listen-fault" />
      <Words kind="small" tone="pencil">
        Hold it still beside the track, speak nothing, slide evenly. What is heard stays on this device and is not kept.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({ listen: { gap: SPACE.xs }, ear: { minHeight: 96 } });
