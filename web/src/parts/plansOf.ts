import type { AreaRecord, PhotoRecord } from '@oddment/contracts';
import { usePlace } from '../screens/JobFrame.tsx';
import { api } from '../state/api.ts';
import { useQueued } from '../state/queued.ts';
import { useStore } from '../state/store.ts';
import { listItem } from '../views/listItem.ts';
import { placedOn } from '../views/spots.ts';
import type { MarkOnIt } from './PlanPicture.tsx';
import { useTelling } from './telling.tsx';

/** What a plan without a caption is called. */
export const planName = ({ caption }: Pick<PhotoRecord, 'caption'>, at: number): string => (caption === '' ? `plan ${String(at + 1)}` : caption);

/** The plans of an area as they are here: those of the server with what is done and not sent yet, and those on their way. */
export function usePlans(area: AreaRecord) {
  const { data } = api.usePhotosQuery({ entity: 'area', id: area.id }, { skip: area.version === 0 });
  const photos = useQueued(data) ?? [];
  const all = useStore((s) => s.photos);
  return { photos, waiting: Object.values(all).filter((p) => p.areaId === area.id && !photos.some((kept) => kept.id === p.id)) };
}

/** The marks of an area's repairs that lie on a picture, each with what it is. */
export function useMarksOn(area: AreaRecord): (photo: string) => readonly MarkOnIt[] {
  const { plans } = usePlace();
  const how = useTelling();
  return (photo) =>
    placedOn(area, photo).map(({ defect, spot }) => {
      const plan = plans.get(defect.id);
      const item = plan && listItem(plan, how);
      return { id: defect.id, mark: defect.mark, says: item ? `${item.size}, ${item.line}` : '', spot };
    });
}
