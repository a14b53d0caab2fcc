import { crossingsAlong, portsAnswer, portsTool, showValue, type UnitSystem } from '@oddment/core';
import { givenOf, kindsOf, ToolFields, ToolSaid } from './AskedMeasure.tsx';
import { useAsked } from './useAsked.ts';

const kinds = kindsOf(portsTool);

/** Ports along a crack, drawn and listed. */
export function Ports({ units: own }: { units: UnitSystem }) {
  const asked = useAsked(own, kinds);
  const { units } = asked;
  const given = givenOf(asked, portsTool);
  const answer = given && portsTool.answer(given);
  const { long: lengthMm = 1, apart: spacingMm = 1, wall: wallMm = 1 } = given?.measures ?? {};
  const { ports } = answer?.ok ? portsAnswer(lengthMm, spacingMm, wallMm, crossingsAlong(given?.texts['crossings'] ?? '', lengthMm) ?? []) : { ports: [] };
  const place = (mm: number) => showValue(mm, 'length', units).text;
  const x = (mm: number) => 20 + (mm / lengthMm) * 660;
  const drawn =
    ports.length > 0 ? (
      <svg viewBox="0 0 700 96" className="ports" role="img" aria-label={`Ports from the lower end: ${ports.map((p) => place(p.alongMm)).join(', ')}`}>
        <path
          d={`M20 52 ${ports.map((p, i) => `L${String(x(p.alongMm))} ${String(52 + (i % 2 === 0 ? 3 : -3))}`).join(' ')}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
        />
        {ports.map((p, i) => (
          <g key={p.alongMm}>
            {p.why === 'crossing' ? (
              <path d={`M${String(x(p.alongMm) - 10)} 26 L${String(x(p.alongMm) + 10)} 80`} stroke="var(--ink2)" strokeWidth="1.5" />
            ) : null}
            <circle cx={x(p.alongMm)} cy={52} r={7} fill={i === 0 ? 'var(--now)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth="2" />
          </g>
        ))}
        <text x="20" y="92" fontSize="14" fill="var(--ink2)">
          lower end: begin here
        </text>
        <text x="680" y="92" fontSize="14" textAnchor="end" fill="var(--ink2)">
          upper end
        </text>
      </svg>
    ) : null;
  return (
    <>
      <ToolFields asked={asked} tool={portsTool} answer={answer} />
      <ToolSaid answer={answer} how={{ units, timeZone: 'UTC' }} between={drawn} />
    </>
  );
}
