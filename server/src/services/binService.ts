import type { Clock } from '../clock.ts';
import { firmIds } from '../store/accountStore.ts';
import type { Database } from '../store/database.ts';
import { forFirm } from '../store/firmWall.ts';
import { purgePictures } from '../store/historyStore.ts';

const dayMs = 86_400_000;
/** how long what was deleted can be brought back */
const binDays = 30;

/** Moment before which what was deleted is no longer offered. */
export const binSince = (clock: Clock): string => new Date(clock.now().getTime() - binDays * dayMs).toISOString();

/** Lets go of pictures that were deleted too long ago to be brought back: now, and once a day. */
export function keepBinShort(db: Database, clock: Clock, failed: (error: unknown) => void): void {
  const purged = async () => {
    const since = binSince(clock);
    for (const firmId of await firmIds(db)) await forFirm(firmId, () => purgePictures(db, since));
  };
  const purge = () => {
    purged().catch(failed);
  };
  purge();
  setInterval(purge, dayMs).unref();
}
