import type { AreaRecord, PhotoRecord } from '@oddment/contracts';
import { photoLimits } from '@oddment/contracts/photoLimits';
import type { Spot } from '@oddment/core';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { v4 as uuid } from 'uuid';
import { usePlace } from '../screens/JobFrame.tsx';
import { api } from '../state/api.ts';
import { takeIn } from '../state/photoSending.ts';
import { useRemove } from '../state/removing.ts';
import { store } from '../state/store.ts';
import { nextUnplaced, unplaced } from '../views/spots.ts';
import { PhotoOnTheWay } from './PhotoOnTheWay.tsx';
import { PickPictures } from './PickPictures.tsx';
import { PlanPicture } from './PlanPicture.tsx';
import { planName, useMarksOn, usePlans } from './plansOf.ts';

interface OnePlanProps {
  readonly photo: PhotoRecord;
  readonly at: number;
  readonly area: AreaRecord;
  readonly chosen: string | undefined;
  readonly onChoose: (id: string | undefined) => void;
  readonly onSpot: (id: string, spot: Spot | undefined) => void;
}

function OnePlan({ photo, at, area, chosen, onChoose, onSpot }: OnePlanProps) {
  const { job, mayPlan } = usePlace();
  const remove = useRemove();
  const [rename] = api.useChangePhotoMutation();
  const marks = useMarksOn(area)(photo.id);
  const name = planName(photo, at);
  const inHand = area.defects.find((d) => d.id === chosen);
  const here = marks.find((m) => m.id === chosen);
  return (
    <li>
      <PlanPicture photo={photo} name={name} marks={marks} chosen={inHand} may={mayPlan} onChoose={onChoose} onSpot={onSpot} />
      <div className="under">
        <input
          aria-label={`Caption of ${name}`}
          placeholder="Caption, such as: ground floor, north"
          defaultValue={photo.caption}
          maxLength={200}
          readOnly={!mayPlan}
          onBlur={(event) => {
            if (event.target.value !== photo.caption) void rename({ id: photo.id, change: uuid(), version: photo.version, caption: event.target.value });
          }}
        />
        {mayPlan ? (
          <button type="button" className="plain" aria-label={`Delete ${name}`} onClick={() => void remove('photo', photo, name)}>
            <Trash2 size={15} aria-hidden="true" />
          </button>
        ) : null}
      </div>
      {here ? (
        <p className="live">
          <b>{here.mark}</b>, {here.says}. <Link to={`/jobs/${job.id}/walk/${here.id}`}>Open it</Link>
          {mayPlan ? (
            <>
              {' '}
              <button
                type="button"
                className="link"
                onClick={() => {
                  onSpot(here.id, undefined);
                }}
              >
                Take it off
              </button>{' '}
              <span className="quiet">or drag it; the arrow keys move it a little, with Shift further</span>
            </>
          ) : null}
        </p>
      ) : null}
    </li>
  );
}

/** Plans, sketches and elevations of an area, on which its repairs are set one after the other and found again. */
export function AreaPlans({ area }: { area: AreaRecord }) {
  const { edit, mayPlan } = usePlace();
  const { photos, waiting } = usePlans(area);
  const open = unplaced(area, photos);
  const [chosen, setChosen] = useState<string>();
  // where nobody chose yet, the first that lies nowhere is set by the first press
  const inHand = chosen ?? open[0]?.id;
  const take = (files: readonly File[]) => void takeIn(store, { entity: 'area', id: area.id }, files, false);
  const set = (id: string, spot: Spot | undefined) => {
    const defect = area.defects.find((d) => d.id === id);
    if (!defect) return;
    const first = defect.spot?.photo !== spot?.photo;
    edit.defect(defect, { spot } as never);
    setChosen(spot && first ? nextUnplaced(area, photos, id) : id);
  };
  return (
    <section className="plans" aria-label="Plans of the area">
      <div className="title" style={{ margin: '14px 0 4px' }}>
        <h2>Plans and elevations</h2>
        <span className="quiet">
          {photos.length} of {photoLimits.perArea}
        </span>
        <span className="push" />
        {mayPlan ? <PickPictures label="Plan files" words="Photograph or choose a plan" full={photos.length >= photoLimits.perArea} onFiles={take} /> : null}
      </div>
      {photos.length + waiting.length === 0 ? (
        <p className="quiet" style={{ margin: 0 }}>
          {mayPlan
            ? 'A photo of a plan, of a sketch on paper, or of a whole wall: each repair is marked where it lies, and found by whoever comes to do it.'
            : 'None yet.'}
        </p>
      ) : null}
      {photos.length > 0 && mayPlan && area.defects.length > 0 ? (
        <p style={{ margin: '4px 0' }} role="group" aria-label="Not on a plan yet">
          {open.length === 0 ? (
            <span className="quiet">Every repair of this area lies on a plan.</span>
          ) : (
            <>
              <span className="quiet">Press where it lies, not on a plan yet:</span>{' '}
              {open.map((d) => (
                <button
                  key={d.id}
                  type="button"
                  className="chip"
                  aria-pressed={inHand === d.id}
                  onClick={() => {
                    setChosen(d.id);
                  }}
                >
                  {d.mark}
                </button>
              ))}
            </>
          )}
        </p>
      ) : null}
      <ul>
        {photos.map((p, at) => (
          <OnePlan key={p.id} photo={p} at={at} area={area} chosen={inHand} onChoose={setChosen} onSpot={set} />
        ))}
        {waiting.map((p) => (
          <PhotoOnTheWay key={p.id} photo={p} />
        ))}
      </ul>
    </section>
  );
}
