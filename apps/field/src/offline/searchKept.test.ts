import { QueryClient } from '@tanstack/react-query';
import Database from 'better-sqlite3';
import { exampleRecord } from '../record/exampleRecord';
import { KEYS } from './keys';
import type { Outgoing } from './outbox';
import { hitKey, holdsWords, searchKept, siteKept, wordsOf } from './searchKept';

const TEXTS = [
  'Över Mill, 4 Weir Lane',
  'Zoë Brandt, 01632 960 141, after six',
  'The caretaker’s trolley hit it; rubs at the head-end',
  'Straße 9b, 2. Stock',
  'ΚΑΦΕ Άνω Πόλη',
  'Ёлки, ул. Зелёная',
  'Smørrebrød & Čapek',
];

const ASKED = [
  'over',
  'ÖVER mi',
  'zoe',
  '960 14',
  '01632960',
  'taker',
  'caretaker s',
  'head end',
  'head-e',
  'strasse',
  'straße',
  '9b',
  'καφε',
];

describe('what is kept on the device', () => {
  // SQLite's full-text search with the tokenizer of the server's index, which takes accents off Latin letters only.
  it.each([...ASKED, 'smor', 'smør cap', 'rubs trol', 'six br', 'x'])('%s finds what the server finds', (q) => {
    const db = new Database(':memory:');
    db.exec(`CREATE VIRTUAL TABLE t USING fts5("words", tokenize='unicode61 remove_diacritics 2')`);
    for (const text of TEXTS) db.prepare('INSERT INTO t VALUES (?)').run(text);
    const match = (q.match(/[\p{L}\p{N}\p{M}]+/gu) ?? []).map((word) => `"${word}" *`).join(' AND ');
    const byServer = db.prepare<[string], { words: string }>('SELECT words FROM t WHERE t MATCH ? ORDER BY rowid').all(match);
    db.close();
    expect(TEXTS.filter((text) => holdsWords(wordsOf(q), [text]))).toEqual(byServer.map(({ words }) => words));
  });

  it('no word finds nothing', () => {
    expect([holdsWords(wordsOf(''), TEXTS), holdsWords(wordsOf(' …"'), TEXTS)]).toEqual([false, false]);
  });

  it('is found with the cards it belongs to, once, and with what waits to be sent', () => {
    const client = new QueryClient();
    const record = exampleRecord({});
    const { call, door, site } = record;
    const named = {
      ...record,
      site: { ...site, name: 'Tannery' },
      door: { ...door, title: 'Loft' },
      call: { ...call, complaint: 'Drags' },
    };
    client.setQueryData(KEYS.callRecord(call.id), named);
    client.setQueryData(KEYS.summaries('a', 'b'), { items: [{ ...named, readingCount: 0, adjustmentCount: 0 }], next: null });
    const found = (q: string, waiting: Outgoing[] = []) => searchKept(client, waiting, q).map(hitKey);
    expect(found('tann')).toEqual([`sites ${site.id}`, `doors ${door.id}`, `calls ${call.id}`]);
    expect(found('tann drag')).toEqual([`calls ${call.id}`]);
    const waits = (kind: Outgoing['kind'], body: object) => ({ kind, body, mark: 'm', sequence: 1 }) as unknown as Outgoing;
    const note = { id: 'note', writtenAt: call.writtenAt, callId: call.id, text: 'Lintel cracked' };
    expect(found('lint', [waits('notes', note)])).toEqual(['notes note']);
    expect(found('scull', [waits('doors', { ...named.door, revision: 2, title: 'Scullery' })])).toEqual([
      `doors ${door.id}`,
      `calls ${call.id}`,
    ]);
    expect(found('loft', [waits('doors', { ...named.door, revision: 2, title: 'Scullery' })])).toEqual([]);
    client.clear();
  });

  it('a site that the server cannot tell of has the doors and visits that are kept, the newest first', () => {
    const client = new QueryClient();
    const record = exampleRecord({});
    const { call, site, door } = record;
    client.setQueryData(KEYS.callRecord(call.id), record);
    const later = { ...call, id: 'later', scheduledFor: '2027-01-01T00:00:00.000Z', state: 'cancelled', leftBecause: 'Sold' };
    const waiting = [{ kind: 'calls', body: later, mark: 'm', sequence: 1 } as unknown as Outgoing];
    expect(siteKept(client, waiting, site.id)).toMatchObject({
      doors: [{ door: { id: door.id }, callCount: 2, openCount: 1, lastCall: call.scheduledFor }],
      calls: [{ call: { id: 'later' } }, { call: { id: call.id } }],
    });
    expect(siteKept(client, waiting, 'elsewhere')).toBeUndefined();
    client.clear();
  });
});
