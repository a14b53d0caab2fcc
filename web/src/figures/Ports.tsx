import TextField from '@mui/material/TextField';
import { portsAnswer, showValue, tell, type UnitSystem } from '@oddment/core';
import { AskedFields, askedMeasures, kindsOf, numbersOf, type AskedSpec } from './AskedMeasure.tsx';
import { useAsked } from './useAsked.ts';

const specs: readonly AskedSpec[] = [
  { name: 'long', label: 'Length of the crack', kind: 'length', usual: 2400, min: 100, max: 50_000 },
  { name: 'wall', label: 'Thickness of the wall', kind: 'depth', usual: 200, min: 20, max: 2000 },
  { name: 'apart', label: 'Spacing of the ports', kind: 'depth', usual: 200, min: 20, max: 2000 },
];

const kinds = kindsOf(specs);

/** Ports along a crack, drawn and listed. */
export function Ports({ units: own }: { units: UnitSystem }) {
  const asked = useAsked(own, kinds);
  const { units } = asked;
  const values = askedMeasures(asked, specs);
  const [lengthMm = 1, wallMm = 1, spacingMm = 1] = values ?? [];
  const crossings = numbersOf(asked.typed['crossings']).map((share) => (share / 100) * lengthMm);
  const { ports, sayings } = values ? portsAnswer(lengthMm, spacingMm, wallMm, crossings) : { ports: [], sayings: [] };
  const place = (mm: number) => showValue(mm, 'length', units).text;
  const x = (mm: number) => 20 + (mm / lengthMm) * 660;
  return (
    <>
      <AskedFields asked={asked} specs={specs} />
      <div className="inputs"><div>
        <label htmlFor="q-crossings" className="q">Other cracks cross it at<span className="quiet">, percent of its length</span></label>
        <TextField id="q-crossings" size="small" placeholder="none" value={asked.typed['crossings'] ?? ''} onChange={(event) => { asked.set('crossings', event.target.value); }} slotProps={{ htmlInput: { autoComplete: 'off' } }} />
      </div></div>
      <output className="said" aria-live="polite">{sayings.slice(0, 1).map((s) => <b key="0">{tell(s, { units, timeZone: 'UTC' })}</b>)}</output>
      {sayings.slice(1).map((s, i) => <p key={i}>{tell(s, { units, timeZone: 'UTC' })}</p>)}
      {ports.length > 0 ? (
        <svg viewBox="0 0 700 96" className="ports" role="img" aria-label={`Ports from the lower end: ${ports.map((p) => place(p.alongMm)).join(', ')}`}>
          <path d={`M20 52 ${ports.map((p, i) => `L${String(x(p.alongMm))} ${String(52 + (i % 2 === 0 ? 3 : -3))}`).join(' ')}`} fill="none" stroke="var(--ink)" strokeWidth="2" />
          {ports.map((p, i) => (
            <g key={p.alongMm}>
              {p.why === 'crossing' ? <path d={`M${String(x(p.alongMm) - 10)} 26 L${String(x(p.alongMm) + 10)} 80`} stroke="var(--ink2)" strokeWidth="1.5" /> : null}
              <circle cx={x(p.alongMm)} cy={52} r={7} fill={i === 0 ? 'var(--now)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth="2" />
            </g>
          ))}
          <text x="20" y="92" fontSize="14" fill="var(--ink2)">lower end: begin here</text>
          <text x="680" y="92" fontSize="14" textAnchor="end" fill="var(--ink2)">upper end</text>
        </svg>
      ) : null}
      {ports.length > 0 ? <p className="quiet">From the lower end: {ports.map((p) => place(p.alongMm)).join(' · ')}</p> : null}
    </>
  );
}
