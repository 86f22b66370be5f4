/** A pass that is being listened to. */
export interface Listening {
  /** Ends it; what was heard as one channel of samples. @throws when nothing of it can be read */
  end: () => Promise<Sound>;
  /** Ends it and keeps nothing. */
  drop: () => void;
}

export interface Sound {
  samples: Float32Array;
  /** Samples a second. */
  rate: number;
}

/** Every sound is brought to this rate: ticks lie well below half of it. */
const RATE = 16_000;

/** What a telephone does for speech takes ticks away. */
const AS_IT_IS = { echoCancellation: false, noiseSuppression: false, autoGainControl: false };

/** Whether this device can listen: a page that is not served safely has no microphone. */
export const canListen = (): boolean =>
  typeof navigator !== 'undefined' && navigator.mediaDevices !== undefined && typeof MediaRecorder !== 'undefined';

/**
 * Listens until it is ended. What is heard stays in memory and is gone afterwards.
 *
 * @throws DOMException when the microphone is refused or there is none
 */
export async function listen(): Promise<Listening> {
  const stream = await navigator.mediaDevices.getUserMedia({ audio: AS_IT_IS });
  const recorder = new MediaRecorder(stream);
  const parts: Blob[] = [];
  recorder.addEventListener('dataavailable', ({ data }) => parts.push(data));
  await new Promise<void>((resolve, reject) => {
    recorder.addEventListener('start', () => resolve(), { once: true });
    recorder.addEventListener('error', () => reject(new Error('The microphone could not be used.')), { once: true });
    recorder.start();
  });
  const close = () => {
    if (recorder.state !== 'inactive') recorder.stop();
    stream.getTracks().forEach((track) => track.stop());
  };
  return {
    drop: close,
    end: async () => {
      const stopped = new Promise<void>((resolve) => recorder.addEventListener('stop', () => resolve(), { once: true }));
      close();
      await stopped;
      const heard = await new Blob(parts, { type: recorder.mimeType }).arrayBuffer();
      if (heard.byteLength === 0) throw new Error('Nothing was heard.');
      const sound = await new OfflineAudioContext(1, 1, RATE).decodeAudioData(heard);
      return { samples: sound.getChannelData(0).slice(), rate: sound.sampleRate };
    },
  };
}
