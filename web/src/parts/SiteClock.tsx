import { clockTime, zonesDiffer } from '@oddment/core';
import { useEffect, useState } from 'react';
import { pageNow, zoneHere } from '../state/clock.ts';
import { useTelling } from './telling.tsx';

/** The time at the site, where this device shows another: every time that is told is the site's. */
export function SiteClock() {
  const { timeZone } = useTelling();
  const [now, setNow] = useState(pageNow);
  useEffect(() => {
    const again = setInterval(() => {
      setNow(pageNow());
    }, 20_000);
    return () => {
      clearInterval(again);
    };
  }, []);
  if (!zonesDiffer(timeZone, zoneHere(), now)) return null;
  return (
    <span
      className="quiet"
      title={`Every time is told as the clock of the site shows it (${timeZone}). This device shows ${clockTime(now, { timeZone: zoneHere() })}.`}
    >
      site time {clockTime(now, { timeZone })}
    </span>
  );
}
