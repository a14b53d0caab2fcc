import type { AreaRecord } from '@oddment/contracts';
import { accessWhy } from '@oddment/core';
import { usePlace } from '../screens/JobFrame.tsx';
import { areaOf, withArea } from '../views/daysSetup.ts';
import { WayThere } from './WayThere.tsx';

/** How one gets to an area: the days are made by it. */
export function ReachedThrough({ area }: { area: AreaRecord }) {
  const { job, edit } = usePlace();
  const setup = job.days ?? {};
  return (
    <section className="group reached" aria-label="How one gets there">
      <h2>How one gets there</h2>
      <WayThere
        areas={job.areas}
        area={area.id}
        now={areaOf(setup, area.id)}
        onPut={(patch) => {
          edit.job(job, { days: withArea(setup, area.id, patch) as NonNullable<Parameters<typeof edit.job>[1]['days']> });
        }}
      />
      <p className="quiet" style={{ margin: '4px 0 0', gridColumn: '1 / -1' }}>
        {accessWhy}
      </p>
    </section>
  );
}
