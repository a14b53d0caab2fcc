import { cupAnswer, putRight, tell, type UnitSystem } from '@oddment/core';
import TextField from '@mui/material/TextField';
import { AskedChoice, AskedFields, askedMeasures, kindsOf, numbersOf, type AskedSpec } from './AskedMeasure.tsx';
import { useAsked } from './useAsked.ts';

const tolerance: AskedSpec = { name: 'off', label: 'Tolerance of the ratio, either way', kind: 'percent', usual: 5, min: 0.5, max: 30 };
const cup: readonly AskedSpec[] = [
  { name: 'need', label: 'Needed', kind: 'volume', usual: 150, min: 1, max: 20_000 },
  { name: 'mark', label: 'From mark to mark', kind: 'volume', usual: 10, min: 0.5, max: 1000 },
  { name: 'full', label: 'Highest mark', kind: 'volume', usual: 400, min: 5, max: 20_000 },
  tolerance,
];

const cupKinds = kindsOf(cup);

/** A ratio poured to the marks of a cup. */
export function CupMarks({ units: own }: { units: UnitSystem }) {
  const asked = useAsked(own, cupKinds);
  const { units } = asked;
  const parts = numbersOf((asked.typed['parts'] ?? '').replaceAll(':', ' '));
  const ratio = parts.length >= 2 && parts.length <= 4 && parts.every((p) => p > 0) ? parts : asked.typed['parts'] === undefined ? [2, 1] : undefined;
  const values = askedMeasures(asked, cup);
  const [need = 1, mark = 1, full = 1, off = 5] = values ?? [];
  const sayings = values && ratio ? cupAnswer(need, ratio, mark, full, off) : [];
  return (
    <>
      <div className="inputs">
        <div>
          <label htmlFor="q-parts" className="q">Parts by volume, A to B<span className="quiet"> (to C)</span></label>
          <TextField id="q-parts" size="small" placeholder="2:1" error={!ratio} helperText={ratio ? undefined : 'Write two to four parts, like 4:1:1.'} value={asked.typed['parts'] ?? ''} onChange={(event) => { asked.set('parts', event.target.value); }} slotProps={{ htmlInput: { autoComplete: 'off' } }} />
        </div>
      </div>
      <AskedFields asked={asked} specs={cup} />
      <output className="said" aria-live="polite">{sayings.slice(0, -1).map((s, i) => <b key={i} className="line">{tell(s, { units, timeZone: 'UTC' })}</b>)}</output>
      {sayings.slice(-1).map((s, i) => <p key={i}>{tell(s, { units, timeZone: 'UTC' })}</p>)}
    </>
  );
}

const weighed: readonly AskedSpec[] = [
  { name: 'first', label: 'Weighed of the first part', kind: 'mass', usual: 220, min: 0.1, max: 100_000 },
  { name: 'second', label: 'Weighed of the second part', kind: 'mass', usual: 100, min: 0, max: 100_000 },
  { name: 'ratio', label: 'Parts of the first to one of the second, by weight', kind: 'ratio', usual: 2, min: 0.01, max: 200 },
  tolerance,
  { name: 'room', label: 'Room left in the cup', kind: 'mass', usual: 200, min: 0, max: 100_000 },
  { name: 'pot', label: 'Pot life', kind: 'duration', usual: 30, min: 1, max: 1000 },
  { name: 'stirred', label: 'Stirred how long ago', kind: 'duration', usual: 2, min: 0, max: 1000 },
];

const weighedKinds = kindsOf(weighed);

/** A cup that was weighed wrong, put right or thrown away. */
export function WrongCup({ units: own }: { units: UnitSystem }) {
  const asked = useAsked(own, weighedKinds);
  const { units } = asked;
  const stirred = asked.typed['mixed'] === 'yes';
  const specs = stirred ? weighed : weighed.slice(0, -1);
  const values = askedMeasures(asked, specs);
  const [firstG = 1, secondG = 1, byWeight = 1, tolerancePct = 5, roomG = 0, potLifeMin = 1, stirredMin] = values ?? [];
  const verdict = values && putRight({ firstG, secondG, byWeight, tolerancePct, roomG, potLifeMin, ...(stirredMin !== undefined && { stirredMin }) });
  return (
    <>
      <AskedChoice asked={asked} name="mixed" label="Stirred together yet" chosen={stirred ? 'yes' : 'no'} options={[['no', 'not stirred yet'], ['yes', 'stirred together']]} />
      <AskedFields asked={asked} specs={specs} />
      <output className="said" aria-live="polite">{verdict ? <b className={verdict.state === 'discard' ? 'grade out' : undefined}>{tell(verdict.saying, { units, timeZone: 'UTC' })}</b> : null}</output>
    </>
  );
}
