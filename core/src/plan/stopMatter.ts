import type { Seen } from '../match/subject.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { StopMatter } from '../safety/stop.ts';
import { inPaint } from '../safety/stops/lead.ts';
import type { Rates } from '../shelf/rates.ts';
import type { SchoolSide } from '../schools/school.ts';
import { FactReader } from '../survey/factReader.ts';
import type { Area, Defect } from '../survey/job.ts';
import type { Kind } from '../survey/kind.ts';
import { kindOf } from '../survey/kinds.ts';
import { senseDefect } from '../survey/sense.ts';
import { withUsual } from '../survey/usual.ts';

/** Facts of a defect and of its area, read through one table of figures. */
export interface Readers {
  readonly read: FactReader;
  readonly around: FactReader;
}

/** Areas of old paint that the other repairs of a room disturb, of those that are measured. */
function paintBeside(ledger: Ledger, area: Area, defect: Defect): readonly Figure[] {
  return area.defects.flatMap((own) => {
    const other = withUsual(area, own);
    const { refused, missing } = senseDefect(other.kind, other.facts);
    if (other.id === defect.id || refused.length > 0 || missing.length > 0) return [];
    const kind = kindOf(other.kind);
    const read = new FactReader(ledger, kind, other.facts);
    if (!inPaint({ surface: kind.surface, choice: (field) => read.choice(field) })) return [];
    const { measured } = kind.survey(read);
    const found = measured.find((m) => m.id === 'area') ?? measured.find((m) => m.id === 'hollow');
    return found ? [found.figure] : [];
  });
}

/** What the stops and the cautions look at. */
export function stopMatter(
  ledger: Ledger,
  kind: Kind,
  { read, around }: Readers,
  { surveyed }: Seen,
  {
    area,
    defect,
    side,
    rates,
    people,
  }: {
    readonly area: Area;
    readonly defect: Defect;
    readonly side: (question: string) => SchoolSide | undefined;
    readonly rates: Rates;
    readonly people: 1 | 2;
  },
): StopMatter {
  return {
    kind: kind.id,
    surface: kind.surface,
    ledger,
    rates,
    people,
    choice: (field) => read.choice(field) ?? around.choice(field),
    measure: (field) => read.measure(field) ?? around.measure(field),
    widths: read.stations('widths')?.widths ?? [],
    measured: (id) => surveyed.measured.find((m) => m.id === id)?.figure,
    side: (question, figure) => {
      const set = side(question)?.sets?.[figure];
      return set && ledger.sourced(set);
    },
    beside: () => paintBeside(ledger, area, defect),
  };
}
