import { useMemo } from 'react';
import { goneBy, withActions } from './queuedRecords.ts';
import { useStore } from './store.ts';

/** Records as the person sees them: what was done to them here is on them before the server knows. */
export function useQueued<T extends { readonly id: string; readonly version: number }>(records: readonly T[] | undefined): readonly T[] | undefined {
  const actions = useStore((s) => s.drafts.actions);
  return useMemo(() => {
    if (!records || Object.keys(actions).length === 0) return records;
    const gone = goneBy(actions);
    return records.filter((r) => !gone.has(r.id)).map((r) => withActions(r, actions));
  }, [records, actions]);
}

/** One record as the person sees it. */
export function useQueuedOne<T extends { readonly id: string; readonly version: number }>(record: T | undefined): T | undefined {
  const list = useMemo(() => (record ? [record] : undefined), [record]);
  return useQueued(list)?.[0];
}
