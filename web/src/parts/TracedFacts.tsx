import { show, type Traced } from '@oddment/core';
import { tracedText } from '../views/tracedFacts.ts';
import { useTelling } from './telling.tsx';
import type { TracedLine } from './useTracer.ts';

/** What was measured on a photo so far: a line with its widths, or an area. */
export function TracedFacts({ line, area }: { line: TracedLine | undefined; area: Traced | undefined }) {
  const { units } = useTelling();
  return (
    <dl className="facts" aria-live="polite">
      {line ? (
        <>
          <dt>Length</dt>
          <dd>{tracedText(line.length, 'length', units)}</dd>
        </>
      ) : null}
      {line?.widths.map((one, i) => (
        <div key={i} style={{ display: 'contents' }}>
          <dt>Width at {show({ value: one.atMm, kind: 'length' }, units).text}</dt>
          <dd>
            {one.clear
              ? `${show({ value: one.widthMm, kind: 'crackWidth' }, units).text} ± ${show({ value: one.toleranceMm, kind: 'crackWidth' }, units).text}`
              : 'too fine for this photo'}
          </dd>
        </div>
      ))}
      {area ? (
        <>
          <dt>Area</dt>
          <dd>{tracedText(area, 'area', units)}</dd>
        </>
      ) : null}
    </dl>
  );
}
