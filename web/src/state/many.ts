import type { DefectFields, DefectRecord, JobRecord } from '@oddment/contracts';
import { useMemo } from 'react';
import { v4 as uuid } from 'uuid';
import { refusal } from '../parts/refusal.ts';
import { api } from './api.ts';
import { edited } from './drafts.ts';
import { defectBody, useEdit } from './editing.ts';
import { store, useSend } from './store.ts';
import { undoableSet, type UndoStep, type Undoable } from './view.ts';

const counted = (defects: readonly DefectRecord[], did: string) =>
  `${defects.length === 1 ? (defects[0]?.mark ?? '') : `${String(defects.length)} repairs`} ${did}`;

/** versions that moves have made and that are not read yet */
const madeVersions = new Map<string, number>();

/** The version of a defect that a move is made against: one further for each move of it that still waits. */
function versionNow({ id, version }: DefectRecord): number {
  const waiting = Object.values(store.getState().drafts.actions).filter((a) => a.id === id && a.address.endsWith('/place') && a.state !== 'refused');
  return Math.max(version + waiting.length, madeVersions.get(id) ?? 0);
}

/** Where a defect stands: its area, and what stands behind it there. */
function placeOf({ areas }: JobRecord, id: string): { readonly areaId: string; readonly before?: string } | undefined {
  const area = areas.find((a) => a.defects.some((d) => d.id === id));
  const next = area?.defects[area.defects.findIndex((d) => d.id === id) + 1];
  return area && { areaId: area.id, ...(next && { before: next.id }) };
}

/** Changes several repairs of a job at once; what was done can be undone together. */
export function useMany(job: JobRecord) {
  const send = useSend();
  const edit = useEdit(job.id);
  const [remove] = api.useRemoveMutation();
  const [place] = api.usePlaceMutation();
  return useMemo(() => {
    const done = (undoable: Undoable) => send(undoableSet(undoable));
    return {
      /** @param patchOf what changes in each; nothing where it stays as it is */
      change: (defects: readonly DefectRecord[], patchOf: (defect: DefectRecord) => Partial<DefectFields> | undefined) => {
        const changed: DefectRecord[] = [];
        for (const defect of defects) {
          const patch = patchOf(defect);
          if (!patch) continue;
          changed.push(defect);
          edit.defect(defect, patch);
        }
        if (changed.length > 0)
          done({ words: counted(changed, 'changed'), steps: changed.map((d) => ({ is: 'edit', jobId: job.id, id: d.id, body: defectBody(d) })) });
      },
      remove: async (defects: readonly DefectRecord[]) => {
        const steps: UndoStep[] = [];
        for (const { id, version, mark } of defects) {
          const gone = await remove({ entity: 'defect', id, version, change: uuid(), name: mark });
          if (gone.data) steps.push({ is: 'restore', entity: 'defect', id, version: gone.data.version, name: mark });
        }
        if (steps.length > 0) done({ words: counted(defects.slice(0, steps.length), 'deleted'), steps });
      },
      /** @param before which they shall stand; at the end where nothing is named */
      move: async (defects: readonly DefectRecord[], areaId: string, before?: string) => {
        const steps: UndoStep[] = [];
        for (const defect of defects) {
          const was = placeOf(job, defect.id);
          const { id, mark } = defect;
          const moved = await place({ id, mark, version: versionNow(defect), change: uuid(), areaId, ...(before !== undefined && { before }) });
          if (moved.data) madeVersions.set(id, moved.data.version);
          else done({ words: `${mark} was not moved: ${refusal(moved.error)}`, steps: [] });
          // the last is put back first: what stood behind it is there again
          if (was && moved.data) steps.unshift({ is: 'place', jobId: job.id, id, mark, version: moved.data.version, ...was });
        }
        if (steps.length > 0) done({ words: counted(defects.slice(0, steps.length), 'moved'), steps });
      },
    };
  }, [send, edit, remove, place, job]);
}

/** Undoes what was done last. */
export function useUndo() {
  const send = useSend();
  const [restore] = api.useRestoreMutation();
  const [place] = api.usePlaceMutation();
  return async ({ steps }: Undoable) => {
    send(undoableSet(undefined));
    for (const step of steps) {
      const change = uuid();
      if (step.is === 'restore') {
        const { entity, id, version, name } = step;
        await restore({ entity, id, version, change, name });
        continue;
      }
      const job = api.endpoints.job.select(step.jobId)(store.getState()).data;
      const defect = job?.areas.flatMap((a) => a.defects).find((d) => d.id === step.id);
      if (step.is === 'place' && defect) {
        const { id, mark, areaId, before } = step;
        const back = await place({ id, mark, change, version: Math.max(step.version, versionNow(defect)), areaId, ...(before !== undefined && { before }) });
        if (back.data) madeVersions.set(id, back.data.version);
      }
      if (step.is === 'edit')
        send(edited({ entity: 'defect', id: step.id, jobId: step.jobId, body: step.body, change, ...(defect && { version: defect.version }) }));
    }
  };
}
