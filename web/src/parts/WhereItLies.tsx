import type { AreaRecord, DefectRecord } from '@oddment/contracts';
import { useState } from 'react';
import { Link } from 'react-router';
import { usePlace } from '../screens/JobFrame.tsx';
import { planName, useMarksOn, usePlans } from './plansOf.ts';
import { PlanPicture } from './PlanPicture.tsx';

/**
 * Where a repair lies on a plan of its area: shown, or set by pressing on it.
 * @param look it is only looked at: nothing where it lies on none
 */
export function WhereItLies({ area, defect, look = false }: { area: AreaRecord; defect: DefectRecord; look?: boolean }) {
  const { job, edit, mayPlan: planner } = usePlace();
  const mayPlan = planner && !look;
  const { photos } = usePlans(area);
  const marksOn = useMarksOn(area);
  const [looked, setLooked] = useState<string>();
  const at = photos.find((p) => p.id === defect.spot?.photo);
  const shown = photos.find((p) => p.id === looked) ?? at ?? photos[0];
  const page = `/jobs/${job.id}/walk/area/${area.id}`;
  if (look && !at) return null;
  if (!shown)
    return mayPlan ? (
      <p className="quiet where-it-lies">
        Where does it lie? <Link to={page}>Add a plan or a photo of the whole place to {area.name}</Link>, and mark it there.
      </p>
    ) : null;
  return (
    <section className="plans where-it-lies no-print" aria-label="Where it lies">
      <div className="title" style={{ margin: '10px 0 4px' }}>
        <h2>Where it lies</h2>
        <span className="quiet">{at ? '' : mayPlan ? `press where ${defect.mark} lies` : 'not set yet'}</span>
        <span className="push" />
        {photos.length < 2
          ? null
          : photos.map((p, i) => (
              <button
                key={p.id}
                type="button"
                className="chip"
                aria-pressed={p.id === shown.id}
                onClick={() => {
                  setLooked(p.id);
                }}
              >
                {planName(p, i)}
              </button>
            ))}
        {mayPlan && at ? (
          <button
            type="button"
            className="link"
            onClick={() => {
              edit.defect(defect, { spot: undefined } as never);
            }}
          >
            Take it off
          </button>
        ) : null}
        <Link to={page}>All of {area.name}</Link>
      </div>
      <PlanPicture
        photo={shown}
        name={planName(shown, photos.indexOf(shown))}
        marks={marksOn(shown.id)}
        chosen={defect}
        may={mayPlan}
        onSpot={(id, spot) => {
          if (id === defect.id) edit.defect(defect, { spot } as never);
        }}
      />
    </section>
  );
}
