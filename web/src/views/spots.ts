import type { AreaRecord, DefectRecord, PhotoRecord } from '@oddment/contracts';
import type { Spot } from '@oddment/core';

/** how far an arrow key moves a mark, as a share of the picture; with Shift, further */
const step = 0.005;
const stride = 0.05;

const rounded = (share: number): number => Math.round(Math.min(1, Math.max(0, share)) * 1e4) / 1e4;

/** A spot on a picture, kept within it and to a ten-thousandth of its sides. */
export const spotAt = (photo: string, across: number, down: number): Spot => ({ photo, across: rounded(across), down: rounded(down) });

const ways: Readonly<Record<string, readonly [number, number]>> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Where a key takes a mark; nothing where it takes it nowhere. */
export function spotByKey({ photo, across, down }: Spot, key: string, far: boolean): Spot | undefined {
  const way = ways[key];
  if (!way) return undefined;
  const by = far ? stride : step;
  return spotAt(photo, across + way[0] * by, down + way[1] * by);
}

interface Placed {
  readonly defect: DefectRecord;
  readonly spot: Spot;
}

/** The repairs of an area that lie on a picture of it. */
export const placedOn = (area: AreaRecord, photo: string): readonly Placed[] =>
  area.defects.flatMap((defect) => (defect.spot?.photo === photo ? [{ defect, spot: defect.spot }] : []));

/** The repairs of an area that lie on none of its pictures; one that was deleted shows nothing any more. */
export function unplaced(area: AreaRecord, photos: readonly Pick<PhotoRecord, 'id'>[]): readonly DefectRecord[] {
  const there = new Set(photos.map((p) => p.id));
  return area.defects.filter((d) => !d.spot || !there.has(d.spot.photo));
}

/** The one to be set after another: the next that lies nowhere yet, from there on and then from the first. */
export function nextUnplaced(area: AreaRecord, photos: readonly Pick<PhotoRecord, 'id'>[], after: string): string | undefined {
  const open = unplaced(area, photos).filter((d) => d.id !== after);
  const from = area.defects.findIndex((d) => d.id === after);
  return (open.find((d) => area.defects.indexOf(d) > from) ?? open[0])?.id;
}
