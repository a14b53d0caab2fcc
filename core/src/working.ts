import { formulaNamed } from './formulas.ts';
import type { Figure } from './quantity/figure.ts';
import type { Figures } from './quantity/ledger.ts';
import { cite, type SourceId } from './sources/register.ts';

/** How a figure came about: for a computed one its formula and inputs, for any other where it is from. */
export interface Working {
  readonly figure: Figure;
  readonly how: string;
  readonly words?: string;
  readonly source?: string;
  readonly sourceId?: SourceId;
  readonly at?: string;
  readonly typed?: string;
  readonly inputs: readonly { readonly label: string; readonly figures: readonly Figure[] }[];
}

/** Opens the working of a figure of a ledger. */
export function workingOf(ledger: Figures, figure: Figure): Working {
  const { origin } = figure;
  switch (origin.by) {
    case 'formula': {
      const f = formulaNamed(origin.formula);
      const inputs = Object.entries(origin.inputs).map(([name, ids]) => ({
        label: f?.inputs[name]?.label ?? name,
        figures: (typeof ids === 'string' ? [ids] : ids).flatMap((id) => ledger.find(id) ?? []),
      }));
      return { figure, how: 'computed', inputs, ...(f && { words: f.words, source: cite(f.source), sourceId: f.source }) };
    }
    case 'entered':
    case 'measured':
    case 'log':
      return {
        figure,
        how: origin.by === 'log' ? 'from the log' : origin.instrument === undefined ? origin.by : `${origin.by} with ${origin.instrument}`,
        at: origin.at,
        inputs: [],
        ...(origin.text !== undefined && { typed: origin.text }),
      };
    case 'assumed':
      return {
        figure,
        how: 'assumed',
        source: cite(origin.source),
        sourceId: origin.source,
        inputs: [],
        ...(origin.why !== undefined && { words: origin.why }),
      };
    case 'stated':
      return { figure, how: 'as the work has it', inputs: [] };
    case 'sheet':
      return { figure, how: 'from the shelf', source: cite(origin.source), sourceId: origin.source, inputs: [] };
  }
}
