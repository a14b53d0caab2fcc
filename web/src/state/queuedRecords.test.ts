import { describe, expect, it } from 'vitest';
import type { QueuedAction } from './drafts.ts';
import { goneBy, withActions, withPlaces } from './queuedRecords.ts';

let turn = 0;
const act = (id: string, method: QueuedAction['method'], address: string, body: object = {}, more: Partial<QueuedAction> = {}): QueuedAction => ({
  change: `c${String((turn += 1))}`,
  at: turn,
  method,
  address,
  id,
  words: '',
  state: 'waiting',
  body: { version: 1, ...body },
  ...more,
});
const queue = (...actions: QueuedAction[]) => Object.fromEntries(actions.map((a) => [a.change, a]));
const areas = [
  { id: 'hall', defects: [{ id: 'a' }, { id: 'b' }, { id: 'c' }] },
  { id: 'yard', defects: [{ id: 'd' }] },
];
const marks = (now: readonly { readonly defects: readonly { readonly id: string }[] }[]) => now.map((a) => a.defects.map((d) => d.id).join(''));

describe('what was done and is not sent yet', () => {
  it('moves defects as the server will: before another one, or to the end', () => {
    expect(marks(withPlaces(areas, queue(act('c', 'PUT', 'defects/c/place', { areaId: 'hall', before: 'a' }))))).toEqual(['cab', 'd']);
    expect(marks(withPlaces(areas, queue(act('a', 'PUT', 'defects/a/place', { areaId: 'yard' }))))).toEqual(['bc', 'da']);
    const both = queue(act('a', 'PUT', 'defects/a/place', { areaId: 'yard' }), act('b', 'PUT', 'defects/b/place', { areaId: 'yard', before: 'a' }));
    expect(marks(withPlaces(areas, both))).toEqual(['c', 'dba']);
  });

  it('is in the order in which it was done, however it is kept', () => {
    const [first, second] = [act('a', 'PUT', 'defects/a/place', { areaId: 'yard' }), act('a', 'PUT', 'defects/a/place', { areaId: 'hall' })];
    expect(marks(withPlaces(areas, queue(second, first)))).toEqual(['bca', 'd']);
    const gone = [act('a', 'DELETE', 'defects/a'), act('a', 'POST', 'defects/a/restore')];
    expect([...goneBy(queue(...gone.toReversed()))]).toEqual([]);
  });

  it('and was refused, or is of another record, changes nothing', () => {
    const refused = act('a', 'PUT', 'defects/a/place', { areaId: 'yard' }, { state: 'refused' });
    expect(withPlaces(areas, queue(refused))).toBe(areas);
    expect(withPlaces(areas, queue(act('z', 'PUT', 'defects/z/place', { areaId: 'yard' })))).toBe(areas);
    // a place is no field of a record
    const record = { id: 'a', version: 1 };
    expect(withActions(record, queue(act('a', 'PUT', 'defects/a/place', { areaId: 'yard' })))).toBe(record);
  });
});
