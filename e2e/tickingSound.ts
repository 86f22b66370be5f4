import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

const RATE = 44_100;
const PEAK = 32_767;

/**
 * Writes a sound file (RIFF WAVE, 16-bit PCM, one channel) of a panel rolling, with a tick every so often.
 *
 * @param everyS seconds from tick to tick
 */
export function writeTicking(file: string, everyS: number, seconds = 90): void {
  const count = seconds * RATE;
  const data = Buffer.alloc(44 + 2 * count);
  data.write('RIFF', 0);
  data.writeUInt32LE(36 + 2 * count, 4);
  data.write('WAVEfmt ', 8);
  data.writeUInt32LE(16, 16);
  data.writeUInt16LE(1, 20);
  data.writeUInt16LE(1, 22);
  data.writeUInt32LE(RATE, 24);
  data.writeUInt32LE(2 * RATE, 28);
  data.writeUInt16LE(2, 32);
  data.writeUInt16LE(16, 34);
  data.write('data', 36);
  data.writeUInt32LE(2 * count, 40);
  let noise = 1;
  for (let i = 0; i < count; i += 1) {
    const t = i / RATE;
    const since = t % everyS;
    noise = (noise * 16_807) % 2_147_483_647;
    const hiss = 0.01 * (noise / 1_073_741_823.5 - 1);
    const tick = since < 0.03 ? 0.5 * Math.exp(-220 * since) * Math.sin(2 * Math.PI * 2600 * since) : 0;
    const rumble = 0.06 * Math.sin(2 * Math.PI * 47 * t);
    data.writeInt16LE(Math.round(PEAK * (hiss + tick + rumble)), 44 + 2 * i);
  }
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, data);
}
