import type { PhotoRecord } from '@oddment/contracts';
import type { Spot } from '@oddment/core';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { spotAt, spotByKey } from '../views/spots.ts';

/** A repair that lies on a picture. */
export interface MarkOnIt {
  readonly id: string;
  readonly mark: string;
  /** what it is, for who cannot see where it lies */
  readonly says: string;
  readonly spot: Spot;
}

interface PlanPictureProps {
  readonly photo: PhotoRecord;
  readonly name: string;
  readonly marks: readonly MarkOnIt[];
  /** the repair in hand: it stands out, and goes where the picture is pressed */
  readonly chosen: { readonly id: string; readonly mark: string } | undefined;
  readonly may: boolean;
  readonly onChoose?: (id: string) => void;
  readonly onSpot?: (id: string, spot: Spot | undefined) => void;
}

/** Where on a picture a hand is, as shares of its sides. */
function shareOf(event: { clientX: number; clientY: number }, box: DOMRect): readonly [number, number] {
  return [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
}

/** A plan, sketch or elevation with the marks of the repairs on it: pressed to set one, dragged or moved by the arrow keys. */
export function PlanPicture({ photo, name, marks, chosen, may, onChoose, onSpot }: PlanPictureProps) {
  const box = useRef<HTMLDivElement>(null);
  const [dragged, setDragged] = useState<MarkOnIt>();
  const shown = marks.map((m) => (dragged?.id === m.id ? dragged : m));
  const there = (event: { clientX: number; clientY: number }) => {
    const size = box.current?.getBoundingClientRect();
    return size && spotAt(photo.id, ...shareOf(event, size));
  };
  const drag = (event: PointerEvent, mark: MarkOnIt) => {
    const spot = may && onSpot && event.currentTarget.hasPointerCapture(event.pointerId) ? there(event) : undefined;
    if (spot) setDragged({ ...mark, spot });
  };
  const drop = (mark: MarkOnIt) => {
    if (dragged?.id === mark.id) onSpot?.(mark.id, dragged.spot);
    setDragged(undefined);
  };
  const byKey = (event: KeyboardEvent, mark: MarkOnIt) => {
    if (!may || !onSpot) return;
    const off = event.key === 'Delete' || event.key === 'Backspace';
    const spot = spotByKey(mark.spot, event.key, event.shiftKey);
    if (!off && !spot) return;
    event.preventDefault();
    event.stopPropagation();
    onSpot(mark.id, spot);
  };
  return (
    <div className="plan-picture" ref={box} style={{ aspectRatio: `${String(photo.widthPx)} / ${String(photo.heightPx)}` }}>
      <img src={`/api/photos/${photo.id}`} alt={name} width={photo.widthPx} height={photo.heightPx} loading="lazy" draggable={false} />
      {may && chosen && onSpot ? (
        <button
          type="button"
          className="press"
          aria-label={`Set ${chosen.mark} on ${name}`}
          onClick={(event) => {
            // by a key it goes to the middle, and on from there by the arrows
            const spot = event.detail === 0 ? spotAt(photo.id, 0.5, 0.5) : there(event);
            if (spot) onSpot(chosen.id, spot);
          }}
        />
      ) : null}
      {shown.map((m) => (
        <button
          key={m.id}
          type="button"
          className="spot"
          aria-pressed={onChoose ? chosen?.id === m.id : undefined}
          aria-current={onChoose ? undefined : chosen?.id === m.id}
          aria-label={`${m.mark}, ${m.says}`}
          title={m.says}
          style={{ left: `${String(m.spot.across * 100)}%`, top: `${String(m.spot.down * 100)}%` }}
          onClick={() => onChoose?.(m.id)}
          onKeyDown={(event) => {
            byKey(event, m);
          }}
          onPointerDown={(event) => {
            if (may && onSpot) event.currentTarget.setPointerCapture(event.pointerId);
          }}
          onPointerMove={(event) => {
            drag(event, m);
          }}
          onPointerUp={() => {
            drop(m);
          }}
          onPointerCancel={() => {
            setDragged(undefined);
          }}
        >
          <span>{m.mark}</span>
        </button>
      ))}
    </div>
  );
}
