import { useStore } from './store.ts';

/** Whether something typed in a job is still on its way: what is kept or issued is made from what the server has. */
export const useUnsaved = (jobId: string): boolean => useStore((s) => Object.values(s.drafts.drafts).some((d) => d.jobId === jobId));
