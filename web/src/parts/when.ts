import { momentName } from '@oddment/core';
import { pageNow, zoneHere } from '../state/clock.ts';
import { useTelling } from './telling.tsx';

/** A moment by the clock of this device, where no site is in view. */
export const whenHere = (at: string): string => momentName(at, zoneHere(), pageNow());

/** How a moment is written where a site is in view: by its clock. */
export function useWhen(): (at: string) => string {
  const { timeZone } = useTelling();
  return (at) => momentName(at, timeZone, pageNow());
}
