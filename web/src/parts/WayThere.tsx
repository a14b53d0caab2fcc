import type { AreaRecord } from '@oddment/contracts';
import { areaWords, type AreaDays } from '@oddment/core';

/** Through which other area one gets to one, and by whose keys. */
export function WayThere({
  areas,
  area,
  now,
  onPut,
}: {
  areas: readonly AreaRecord[];
  area: string;
  now: AreaDays;
  onPut: (patch: { readonly through?: string | undefined; readonly keys?: string | undefined }) => void;
}) {
  const others = areas.filter((a) => a.id !== area);
  const said = (text: string) => (text === '' ? undefined : text);
  return (
    <>
      {others.length === 0 ? null : (
        <label>
          Reached through{' '}
          <select
            value={now.through ?? ''}
            onChange={(e) => {
              onPut({ through: said(e.target.value) });
            }}
          >
            <option value="">no other area</option>
            {others.map((o) => (
              <option key={o.id} value={o.id}>
                {areaWords(o)}
              </option>
            ))}
          </select>
        </label>
      )}
      <label>
        Keys{' '}
        <input
          type="text"
          maxLength={200}
          placeholder="how one gets in"
          value={now.keys ?? ''}
          onChange={(e) => {
            onPut({ keys: said(e.target.value) });
          }}
        />
      </label>
    </>
  );
}
