import TextField from '@mui/material/TextField';
import { bareUnit, parseMeasure, showValue, type QuantityKind } from '@oddment/core';
import type { ReactNode } from 'react';
import { typedText } from '../views/quickFigure.ts';
import type { Asked, AskedKinds } from './useAsked.ts';

export interface AskedSpec {
  readonly name: string;
  readonly label: string;
  readonly kind: QuantityKind;
  readonly usual: number;
  readonly min: number;
  readonly max: number;
}

/** Kinds of the fields, for what is typed to follow the units. */
export const kindsOf = (specs: readonly AskedSpec[]): AskedKinds => Object.fromEntries(specs.map((s) => [s.name, s.kind]));

/** What a field of a tool holds: its value in the base unit (the usual one where nothing is typed), or what is wrong with it. */
export function askedMeasure({ typed, units }: Asked, spec: AskedSpec): { readonly value?: number; readonly problem?: string } {
  const text = typed[spec.name] ?? '';
  if (text.trim() === '') return { value: spec.usual };
  const read = parseMeasure(text, spec.kind, units);
  if (!read.ok) return { problem: read.why };
  if (read.value >= spec.min && read.value <= spec.max) return { value: read.value };
  const [least, most] = [spec.min, spec.max].map((v) => showValue(v, spec.kind, units).text);
  return { problem: `It must lie between ${least ?? ''} and ${most ?? ''}.` };
}

/** Fields of a tool over their measures; where one cannot be read its sentence stands under it. */
export function AskedFields({ asked, specs }: { asked: Asked; specs: readonly AskedSpec[] }): ReactNode {
  const { units } = asked;
  return (
    <div className="inputs">
      {specs.map((spec) => {
        const { problem } = askedMeasure(asked, spec);
        const unit = bareUnit(spec.kind, units);
        return (
          <div key={spec.name}>
            <label htmlFor={`q-${spec.name}`} className="q">{spec.label}{unit === '' ? null : <span className="quiet">, {unit}</span>}</label>
            <TextField id={`q-${spec.name}`} size="small" placeholder={typedText(spec.usual, spec, units)} value={asked.typed[spec.name] ?? ''} error={problem !== undefined} helperText={problem} onChange={(event) => { asked.set(spec.name, event.target.value); }} slotProps={{ htmlInput: { autoComplete: 'off' } }} />
          </div>
        );
      })}
    </div>
  );
}

/** All measures of a tool, or nothing where one of them cannot be read. */
export function askedMeasures(asked: Asked, specs: readonly AskedSpec[]): readonly number[] | undefined {
  const values = specs.map((spec) => askedMeasure(asked, spec).value);
  return values.every((v) => v !== undefined) ? values : undefined;
}

/** Buttons of which one is chosen; what is chosen stands in the address. */
export function AskedChoice<T extends string>({ asked, name, label, options, chosen }: { asked: Asked; name: string; label: string; options: readonly (readonly [T, string])[]; chosen: T }) {
  return (
    <div role="group" aria-label={label} className="choices">
      {options.map(([value, words], i) => <button type="button" key={value} className={`plain${chosen === value ? ' on' : ''}`} aria-pressed={chosen === value} onClick={() => { asked.set(name, i === 0 ? '' : value); }}>{words}</button>)}
    </div>
  );
}

/** Numbers of a list as typed, parted by commas or spaces. */
export function numbersOf(text: string | undefined): readonly number[] {
  return (text ?? '').split(/[\s,;]+/).filter((t) => t !== '').map(Number).filter((n) => Number.isFinite(n));
}
