import { useWhen } from './when.ts';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import type { PhotoRecord } from '@oddment/contracts';
import { photoLimits } from '@oddment/contracts/photoLimits';
import { type Ask, type LooseFacts } from '@oddment/core';
import { Trash2 } from 'lucide-react';
import { lazy, memo, Suspense, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { api } from '../state/api.ts';
import { useQueued } from '../state/queued.ts';
import { useMayPlan, useMayRecord } from '../state/editing.ts';
import { takeIn } from '../state/photoSending.ts';
import { useRemove } from '../state/removing.ts';
import { store, useStore } from '../state/store.ts';
import { fileSize } from '../views/fileSize.ts';
import { PickPictures } from './PickPictures.tsx';
import { PhotoOnTheWay } from './PhotoOnTheWay.tsx';

const TracePhoto = lazy(async () => ({ default: (await import('./TracePhoto.tsx')).TracePhoto }));

/** How large a file is, against how large it may be. */
function SizeScale({ bytes }: { bytes: number }) {
  const share = Math.min(1, bytes / photoLimits.keptBytes);
  return (
    <span className="size-scale">
      <span className="bar-of" aria-hidden="true">
        <i style={{ width: `${String(Math.max(3, share * 100))}%` }} />
      </span>
      {fileSize(bytes)} <span className="quiet">of {fileSize(photoLimits.keptBytes)}</span>
    </span>
  );
}

function Kept({
  photo,
  mayDelete,
  mayName,
  onMeasure,
}: {
  photo: PhotoRecord;
  mayDelete: boolean;
  mayName: boolean;
  onMeasure: ((src: string) => void) | undefined;
}) {
  const remove = useRemove();
  const [rename] = api.useChangePhotoMutation();
  const [open, setOpen] = useState(false);
  const when = useWhen()(photo.takenAt ?? photo.at);
  const name = photo.caption === '' ? `Photo of ${when}` : photo.caption;
  const src = `/api/photos/${photo.id}`;
  return (
    <li className="photo">
      <button
        type="button"
        className="picture"
        aria-label={`${name}: show large`}
        onClick={() => {
          setOpen(true);
        }}
      >
        <img src={src} alt="" loading="lazy" width={photo.widthPx} height={photo.heightPx} />
      </button>
      <input
        aria-label="Caption"
        placeholder="Caption"
        defaultValue={photo.caption}
        maxLength={200}
        readOnly={!mayName}
        onBlur={(event) => {
          if (event.target.value !== photo.caption) void rename({ id: photo.id, change: uuid(), version: photo.version, caption: event.target.value });
        }}
      />
      <div className="under">
        <SizeScale bytes={photo.bytes} />
        {mayDelete ? (
          <button
            type="button"
            className="plain"
            aria-label={`Delete ${name}`}
            onClick={() => {
              void remove('photo', photo, name);
            }}
          >
            <Trash2 size={15} aria-hidden="true" />
          </button>
        ) : null}
      </div>
      <Dialog
        open={open}
        onClose={() => {
          setOpen(false);
        }}
        maxWidth="lg"
        aria-label={name}
      >
        <img src={src} alt={name} style={{ maxWidth: '100%', maxHeight: '76vh', display: 'block' }} />
        <div style={{ padding: '10px 14px', display: 'flex', gap: 12, alignItems: 'center', flexWrap: 'wrap' }}>
          <span>
            <b>{name}</b>
            <br />
            {photo.takenAt === undefined ? 'added' : 'taken'} {when}, by {photo.by}; {photo.widthPx} × {photo.heightPx} pixels
            {photo.position ? (
              <>
                ; taken at {photo.position.latitudeDeg.toFixed(5)}, {photo.position.longitudeDeg.toFixed(5)}
              </>
            ) : (
              '; no position kept'
            )}
          </span>
          <span className="push" />
          {onMeasure ? (
            <Button
              variant="outlined"
              onClick={() => {
                setOpen(false);
                onMeasure(src);
              }}
            >
              Measure on it
            </Button>
          ) : null}
          <Button
            variant="contained"
            onClick={() => {
              setOpen(false);
            }}
          >
            Close
          </Button>
        </div>
      </Dialog>
    </li>
  );
}

interface PhotosProps {
  readonly defectId: string;
  readonly saved: boolean;
  readonly asks: readonly Ask[];
  readonly onFacts: (facts: LooseFacts) => void;
}

/** The photos of a defect: taken, chosen or dropped. */
export const Photos = memo(function Photos({ defectId, saved, asks, onFacts }: PhotosProps) {
  // one that has not reached the server yet has none there
  const of = { entity: 'defect', id: defectId } as const;
  const { data } = api.usePhotosQuery(of, { skip: !saved });
  const photos = useQueued(data) ?? [];
  const all = useStore((s) => s.photos);
  const waiting = Object.values(all).filter((p) => p.defectId === defectId && !photos.some((kept) => kept.id === p.id));
  const mayPlan = useMayPlan();
  const mayRecord = useMayRecord();
  const [keepPosition, setKeepPosition] = useState(false);
  const [over, setOver] = useState(false);
  const [tracing, setTracing] = useState<string>();
  const traces = mayPlan && asks.some((a) => a.ask === 'stations' || a.ask === 'outline');
  const take = (files: readonly File[]) => void takeIn(store, of, files, keepPosition);
  const full = photos.length >= photoLimits.perDefect;
  return (
    <section
      className={`photos${over ? ' over' : ''}`}
      aria-label="Photos"
      onDragOver={(event) => {
        if (mayRecord) {
          event.preventDefault();
          setOver(true);
        }
      }}
      onDragLeave={() => {
        setOver(false);
      }}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        if (mayRecord) take([...event.dataTransfer.files]);
      }}
    >
      <div className="title" style={{ margin: '10px 0 4px' }}>
        <h2>Photos</h2>
        <span className="quiet">
          {photos.length} of {photoLimits.perDefect}
          {photos.length > 0 ? `, ${fileSize(photos.reduce((sum, p) => sum + p.bytes, 0))}` : ''}
        </span>
        <span className="push" />
        {mayRecord ? (
          <>
            <label style={{ display: 'flex', gap: 6, alignItems: 'center' }}>
              <input
                type="checkbox"
                checked={keepPosition}
                onChange={(event) => {
                  setKeepPosition(event.target.checked);
                }}
              />
              Keep where it was taken
            </label>
            <PickPictures label="Photo files" words="Take or choose" full={full} onFiles={take} />
          </>
        ) : null}
      </div>
      {photos.length + waiting.length === 0 ? (
        <p className="quiet" style={{ margin: 0 }}>
          {mayRecord
            ? `Drop photos here. Each is made smaller, to ${String(photoLimits.keptSidePx)} pixels and ${fileSize(photoLimits.keptBytes)} at the most; its position is not kept.`
            : 'None yet.'}
        </p>
      ) : (
        <ul>
          {photos.map((p) => (
            <Kept key={p.id} photo={p} mayDelete={mayPlan} mayName={mayRecord} onMeasure={traces ? setTracing : undefined} />
          ))}
          {waiting.map((p) => (
            <PhotoOnTheWay key={p.id} photo={p} />
          ))}
        </ul>
      )}
      {tracing === undefined ? null : (
        <Suspense fallback={null}>
          <TracePhoto
            src={tracing}
            asks={asks}
            onFacts={onFacts}
            onClose={() => {
              setTracing(undefined);
            }}
          />
        </Suspense>
      )}
    </section>
  );
});
