import type { JobRecord } from '@oddment/contracts';
import { areaWords, sectionsOf, type RepairPlan, type Telling } from '@oddment/core';
import { Plus } from 'lucide-react';
import { memo, useCallback, useState } from 'react';
import { Link } from 'react-router';
import { listItem } from '../views/listItem.ts';
import { SectionIcon } from './Drawing.tsx';
import { useTelling } from './telling.tsx';

interface DefectListProps {
  readonly job: JobRecord;
  readonly plans: ReadonlyMap<string, RepairPlan>;
  readonly stage: string;
  readonly current: string | undefined;
  readonly currentArea?: string | undefined;
  readonly onAdd?: (areaId: string) => void;
  readonly onAddArea?: () => void;
  readonly onSeveral?: () => void;
}

interface RowProps {
  readonly to: string;
  readonly mark: string;
  readonly plan: RepairPlan;
  readonly here: boolean;
  readonly how: Telling;
  readonly onOpen: () => void;
}

/** One repair of the list. It is drawn again when it changes, not when another one does. */
const Row = memo(function Row({ to, mark, plan, here, how, onOpen }: RowProps) {
  const item = listItem(plan, how);
  const [section] = plan.state === 'incomplete' ? [] : sectionsOf(plan);
  return (
    <Link className="item" to={to} onClick={onOpen} aria-current={here ? 'page' : undefined}>
      {section ? (
        <SectionIcon section={section} />
      ) : (
        <svg width={40} height={30} aria-hidden="true">
          <rect x={1} y={6} width={38} height={22} fill="none" stroke="var(--ink2)" strokeDasharray="4 3" />
        </svg>
      )}
      <span>
        <b>{mark}</b> {item.size}
        <small className={item.tone === 'plain' ? undefined : item.tone}>{item.line}</small>
      </span>
    </Link>
  );
});

/** Areas and their defects, each with its own small section. */
export const DefectList = memo(function DefectList({ job, plans, stage, current, currentArea, onAdd, onAddArea, onSeveral }: DefectListProps) {
  const how = useTelling();
  const [unfolded, setUnfolded] = useState(false);
  const fold = useCallback(() => {
    setUnfolded(false);
  }, []);
  const mark = job.areas.flatMap((a) => a.defects).find((d) => d.id === current)?.mark ?? 'none yet';
  return (
    <nav className={`list${unfolded ? '' : ' folded'}`} aria-label="Areas and defects">
      <button
        type="button"
        className="only-phone plain"
        aria-expanded={unfolded}
        onClick={() => {
          setUnfolded(!unfolded);
        }}
      >
        {unfolded ? 'Close the list' : `Repairs: ${mark}`}
      </button>
      {job.areas.map((area) => (
        <section key={area.id} aria-label={area.name}>
          <h3>
            <Link to={`/jobs/${job.id}/walk/area/${area.id}`} aria-current={currentArea === area.id ? 'page' : undefined}>
              {areaWords(area)}
            </Link>
            {onAdd ? (
              <button
                type="button"
                className="plain"
                aria-label={`Add a defect in ${area.name}`}
                onClick={() => {
                  onAdd(area.id);
                }}
              >
                <Plus size={15} aria-hidden="true" />
              </button>
            ) : (
              <span>{area.defects.length}</span>
            )}
          </h3>
          {area.defects.map((defect) => {
            const plan = plans.get(defect.id);
            if (!plan) return null;
            return (
              <Row
                key={defect.id}
                to={`/jobs/${job.id}/${stage}/${defect.id}`}
                mark={defect.mark}
                plan={plan}
                here={defect.id === current}
                how={how}
                onOpen={fold}
              />
            );
          })}
        </section>
      ))}
      {onAddArea ? (
        <div style={{ padding: '8px 12px' }}>
          <button type="button" className="link" onClick={onAddArea}>
            Add an area
          </button>
        </div>
      ) : null}
      {onSeveral && job.areas.length > 0 ? (
        <div style={{ padding: '8px 12px' }}>
          <button type="button" className="link" onClick={onSeveral}>
            Type several <kbd>Q</kbd>
          </button>
        </div>
      ) : null}
      <div style={{ padding: '8px 12px' }}>
        <Link to={`/jobs/${job.id}/table`}>
          As a table <kbd>/</kbd>
        </Link>
      </div>
      <div style={{ padding: '8px 12px' }}>
        <Link to={`/jobs/${job.id}/offer`}>Offer</Link>
      </div>
      <div style={{ padding: '8px 12px' }}>
        <Link to={`/jobs/${job.id}/changes`}>What changed</Link>
      </div>
    </nav>
  );
});
