import TextField from '@mui/material/TextField';
import {
  bareUnit,
  listed,
  parseMeasure,
  showValue,
  tell,
  usualGiven,
  type QuickTool,
  type Telling,
  type ToolAnswer,
  type ToolGiven,
  type ToolMeasure,
} from '@oddment/core';
import type { ReactNode } from 'react';
import { typedText } from '../views/quickFigure.ts';
import type { Asked, AskedKinds } from './useAsked.ts';

/** Kinds of a tool's fields, for what is typed to follow the units. */
export const kindsOf = ({ measures }: Pick<QuickTool, 'measures'>): AskedKinds => Object.fromEntries(measures.map((m) => [m.name, m.kind]));

/** What a field of a tool holds: its value in the base unit (the usual one where nothing is typed), or what is wrong with it. */
export function askedMeasure({ typed, units }: Asked, measure: ToolMeasure): { readonly value?: number; readonly problem?: string } {
  const text = typed[measure.name] ?? '';
  if (text.trim() === '') return { value: measure.usual };
  const read = parseMeasure(text, measure.kind, units);
  if (!read.ok) return { problem: read.why };
  if (read.value >= measure.min && read.value <= measure.max) return { value: read.value };
  const [least, most] = [measure.min, measure.max].map((v) => showValue(v, measure.kind, units).text);
  return { problem: `It must lie between ${least ?? ''} and ${most ?? ''}.` };
}

function chosenOf({ typed }: Asked, tool: QuickTool): Record<string, string> {
  return Object.fromEntries(
    (tool.choices ?? []).map(({ name, options }) => [name, options.find(([value]) => value === typed[name])?.[0] ?? options[0]?.[0] ?? '']),
  );
}

const askedNow =
  (choices: Readonly<Record<string, string>>) =>
  ({ when }: ToolMeasure) =>
    !when || choices[when[0]] === when[1];

/** What a tool is given by its fields, or nothing where one of its measures cannot be read. */
export function givenOf(asked: Asked, tool: QuickTool): ToolGiven | undefined {
  const choices = chosenOf(asked, tool);
  const measures: Record<string, number> = {};
  for (const measure of tool.measures.filter(askedNow(choices))) {
    const { value } = askedMeasure(asked, measure);
    if (value === undefined) return undefined;
    measures[measure.name] = value;
  }
  const { texts } = usualGiven(tool);
  return { measures, choices, texts: Object.fromEntries(Object.entries(texts).map(([name, usual]) => [name, asked.typed[name] ?? usual])) };
}

/** Fields over all that a tool asks for; where one cannot be read its sentence stands under it. */
export function ToolFields({
  asked,
  tool,
  answer,
  without = [],
}: {
  asked: Asked;
  tool: QuickTool;
  answer?: ToolAnswer | undefined;
  without?: readonly string[];
}): ReactNode {
  const { units, typed, set } = asked;
  const choices = chosenOf(asked, tool);
  const field = (name: string, label: string, unit: string, example: string, problem: string | undefined, hint: string | undefined) => (
    <div key={name}>
      <label htmlFor={`q-${name}`} className="q">
        {label}
        {unit === '' ? null : <span className="quiet">, {unit}</span>}
      </label>
      <TextField
        id={`q-${name}`}
        size="small"
        placeholder={example}
        value={typed[name] ?? ''}
        error={problem !== undefined}
        helperText={problem ?? hint}
        onChange={(event) => {
          set(name, event.target.value);
        }}
        slotProps={{ htmlInput: { autoComplete: 'off' } }}
      />
    </div>
  );
  const refused = (name: string) => (answer && !answer.ok && answer.name === name ? answer.why : undefined);
  const texts = (tool.texts ?? []).filter((t) => !without.includes(t.name));
  return (
    <>
      {(tool.choices ?? []).map((c) => (
        <AskedChoice key={c.name} asked={asked} name={c.name} label={c.label} chosen={choices[c.name] ?? ''} options={c.options} />
      ))}
      {texts.length + tool.measures.length > 0 ? (
        <div className="inputs">
          {texts.map((t) => field(t.name, t.label, '', t.usual === '' ? 'none' : t.usual, refused(t.name), t.hint))}
          {tool.measures
            .filter(askedNow(choices))
            .map((m) =>
              field(m.name, m.label, bareUnit(m.kind, units), typedText(m.usual, m, units), askedMeasure(asked, m).problem ?? refused(m.name), undefined),
            )}
        </div>
      ) : null}
    </>
  );
}

/** The answer of a tool, large, with what stands under it. */
export function ToolSaid({ answer, how, between }: { answer: ToolAnswer | undefined; how: Telling; between?: ReactNode }) {
  const said = answer?.ok ? answer : undefined;
  return (
    <>
      <output className="said" aria-live="polite">
        {said?.sayings.map((s, i) => (
          <b key={i} className={`line${said.bad ? ' grade out' : ''}`}>
            {tell(s, how)}
          </b>
        ))}
      </output>
      {between}
      {said?.notes.map((s, i) => (
        <p key={i}>{tell(s, how)}</p>
      ))}
    </>
  );
}

/** Buttons of which one is chosen; what is chosen stands in the address. */
export function AskedChoice<T extends string>({
  asked,
  name,
  label,
  options,
  chosen,
}: {
  asked: Asked;
  name: string;
  label: string;
  options: readonly (readonly [T, string])[];
  chosen: T;
}) {
  return (
    <div role="group" aria-label={label} className="choices">
      {options.map(([value, words], i) => (
        <button
          type="button"
          key={value}
          className={`plain${chosen === value ? ' on' : ''}`}
          aria-pressed={chosen === value}
          onClick={() => {
            asked.set(name, i === 0 ? '' : value);
          }}
        >
          {words}
        </button>
      ))}
    </div>
  );
}

/** Numbers of a list as typed; none where a part of it is no number. */
export function numbersOf(text: string | undefined): readonly number[] {
  return listed(text ?? '') ?? [];
}
