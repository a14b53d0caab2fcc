import type { AreaRecord, DefectFields, DefectRecord, JobRecord } from '@oddment/contracts';
import { asThis, withUsual, type DefectKind } from '@oddment/core';
import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { pageNow } from '../state/clock.ts';
import type { useEdit } from '../state/editing.ts';
import { nextMark } from '../views/nextMark.ts';
import { fromAnyField, type KeyTable } from './keys.ts';
import { KindChooser } from './KindChooser.tsx';
import { useStable } from './stable.ts';

// who walks with one repair at a time never needs the lines
const QuickEntry = lazy(async () => ({ default: (await import('./QuickEntry.tsx')).QuickEntry }));

/** said to a repair that is opened to be measured: its first size has the hand */
export const atItsSizes = { focus: 'sizes' } as const;

type Edit = ReturnType<typeof useEdit>;

/** The ways in which something found comes into a job. */
export interface Adding {
  /** asks what kind it is, and makes it in an area */
  readonly addDefect: (areaId: string) => void;
  readonly addArea: () => void;
  /** opens the lines in which several are typed at once */
  readonly typeSeveral: () => void;
  /** makes the next defect of an area as another one, all but its sizes */
  readonly addLike: (defect: DefectRecord) => void;
}

/** The keys by which something is added. */
export function addingKeys(adding: Adding, area: AreaRecord | undefined, defect: DefectRecord | undefined, stage: string): KeyTable {
  const like = () => {
    if (defect) adding.addLike(defect);
  };
  return {
    l: like,
    // elsewhere a field is no size of it
    ...(stage === 'walk' && { [fromAnyField]: like }),
    q: () => {
      if (area) adding.typeSeveral();
    },
    a: () => {
      if (area) adding.addDefect(area.id);
    },
  };
}

/**
 * Adding to a job.
 * @param area where several are typed at once
 * @returns what adds, and the dialogs that it opens
 */
export function useAdding(job: JobRecord | undefined, area: AreaRecord | undefined, edit: Edit) {
  const navigate = useNavigate();
  // the area in which something was found, while its kind is chosen
  const [choosing, setChoosing] = useState<string>();
  const [typing, setTyping] = useState(false);
  const walkTo = (path: string, state?: object) => {
    void navigate(`/jobs/${job?.id ?? ''}/walk/${path}`, { state });
  };
  const addOfKind = (kind: DefectKind) => {
    const host = job?.areas.find((a) => a.id === choosing);
    setChoosing(undefined);
    if (host) walkTo(edit.newDefect(host.id, { kind, mark: nextMark(host), facts: {}, confirmed: [], decisions: [] }), atItsSizes);
  };
  const adding = useStable<Adding>({
    addDefect: setChoosing,
    addArea: () => {
      walkTo(`area/${edit.newArea({ name: `Area ${String((job?.areas.length ?? 0) + 1)}`, facts: {} })}`);
    },
    typeSeveral: () => {
      setTyping(true);
    },
    addLike: (model) => {
      const host = job?.areas.find((a) => a.defects.some((d) => d.id === model.id));
      if (!host) return;
      const body = { kind: model.kind, mark: nextMark(host), confirmed: [], decisions: [], ...asThis(withUsual(host, model), pageNow()) };
      walkTo(edit.newDefect(host.id, body as DefectFields), atItsSizes);
    },
  });
  const dialogs = (
    <>
      {typing && area && job ? (
        <Suspense fallback={null}>
          <QuickEntry
            job={job}
            area={area}
            edit={edit}
            onClose={() => {
              setTyping(false);
            }}
          />
        </Suspense>
      ) : null}
      <KindChooser
        open={choosing !== undefined}
        onChoose={addOfKind}
        onClose={() => {
          setChoosing(undefined);
        }}
      />
    </>
  );
  return { adding, dialogs };
}
