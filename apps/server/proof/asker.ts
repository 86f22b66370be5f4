import { Agent, request } from 'node:http';

/** One request as it goes over the wire. */
export interface Asked {
  method: string;
  path: string;
  body?: string;
  type?: string;
}

export interface Answer {
  status: number;
  type: string;
  text: string;
  millis: number;
}

/** So long an answer is waited for, ms. */
const LONGEST_MS = 60_000;

/** Asks a server exactly what is said, however odd, over connections that are kept. */
export function asker(url: string): { ask: (asked: Asked) => Promise<Answer>; close: () => void } {
  const { hostname, port } = new URL(url);
  const agent = new Agent({ keepAlive: true });
  const ask = ({ method, path, body, type }: Asked) =>
    new Promise<Answer>((resolve, reject) => {
      const begun = performance.now();
      const headers = { ...(body !== undefined && { 'Content-Length': Buffer.byteLength(body) }), ...(type && { 'Content-Type': type }) };
      const sent = request({ hostname, port, path, method: method.toUpperCase(), headers, agent, timeout: LONGEST_MS }, (answer) => {
        const chunks: Buffer[] = [];
        answer.on('data', (chunk: Buffer) => chunks.push(chunk));
        answer.on('error', reject);
        answer.on('end', () => {
          const { statusCode: status = 0, headers: given } = answer;
          resolve({ status, type: given['content-type'] ?? '', text: Buffer.concat(chunks).toString(), millis: performance.now() - begun });
        });
      });
      sent.on('timeout', () => sent.destroy(new Error('no answer')));
      sent.on('error', reject);
      sent.end(body);
    });
  return { ask, close: () => agent.destroy() };
}
