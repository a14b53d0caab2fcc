import { v4 as uuid } from 'uuid';
import { api, type Removable } from './api.ts';
import { useSend } from './store.ts';
import { undoableSet } from './view.ts';

/** Deletes a record and offers to bring it back. */
export function useRemove() {
  const send = useSend();
  const [remove] = api.useRemoveMutation();
  return async (entity: Removable, record: { id: string; version: number }, name: string) => {
    const done = await remove({ entity, id: record.id, version: record.version, change: uuid(), name });
    if (done.data) send(undoableSet({ words: `${name} deleted`, steps: [{ is: 'restore', entity, id: record.id, version: done.data.version, name }] }));
    return done;
  };
}
