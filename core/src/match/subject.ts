import { dewMargin, dewPoint } from '../climate/humidAir.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import type { Aspect, Preparation } from '../shelf/patchSystem.ts';
import type { FactReader } from '../survey/factReader.ts';
import type { Kind, Surface, Surveyed } from '../survey/kind.ts';
import type { Outcome } from '../shelf/outcomes.ts';
import { askedOutcomes } from '../survey/outcomes.ts';
import { aspectValues } from './aspects.ts';

/** An answer that counts in Match: its value in the words that systems know, and as it was given. */
export interface Answer {
  readonly value: string;
  readonly label: string;
  /** the question that it answers, and what each of its options is called here; absent where no question decides it */
  readonly asked?: { readonly of: 'defect' | 'area'; readonly field: string; readonly options: readonly { readonly raw: string; readonly value: string }[] };
}

/** A defect as Match looks at it, whatever its kind. */
export interface Subject {
  readonly kind: string;
  readonly surface: Surface;
  /** it goes through, and nothing is behind it */
  readonly openBehind?: boolean;
  /** it was outlined to where a point no longer sinks in */
  readonly softEdge?: true;
  readonly title: string;
  readonly answers: Readonly<Partial<Record<Aspect, Answer>>>;
  /** what it is to come to */
  readonly asked: readonly Outcome[];
  readonly airC: Figure;
  readonly slabC: Figure;
  readonly humidity: Figure;
  readonly dewPoint: Figure;
  readonly dewMargin: Figure;
  /** the coldest that it gets at night while it hardens */
  readonly night?: Figure;
  /** it is warmed for the work, and held so day and night */
  readonly heated?: true;
  readonly age?: Figure;
  readonly woodMoisture?: Figure;
  readonly flex?: Figure;
  readonly movementToCome?: Figure;
  /** how high a hump stands */
  readonly standsUp?: Figure;
  /** temperature that a joint will serve at */
  readonly servesC?: Figure;
  /** opening of a joint */
  readonly gap?: Figure;
  /** thickness of a wall that a crack goes through */
  readonly wall?: Figure;
  /** of a line: its length, and every width along it */
  readonly length?: Figure;
  readonly widths?: readonly Figure[];
  readonly depth?: Figure;
  /** thickness of the piece of timber that it is in */
  readonly section?: Figure;
}

/** The size that a system is judged on, and the preparation that was assumed for it. */
export interface JudgedSize {
  readonly preparation: Preparation;
  readonly width?: Figure;
  readonly depth?: Figure;
  /** thickness of the piece of timber that it is in */
  readonly section?: Figure;
  /** longest side of what is closed */
  readonly extent?: Figure;
  readonly void?: Figure;
  /** the preparation in two or three words, for titles */
  readonly named: string;
  /** the preparation that was assumed, as a clause */
  readonly assumed: Saying;
  /** why the system's own preparation is not allowed, and the found size is judged instead */
  readonly refusedBecause?: Saying;
  /** the side taken fills it as it was found: what has to be cut open for is not done */
  readonly leftAsFound?: true;
  /** why the cut stays shallower than the school wants */
  readonly limitedBecause?: Saying;
}

/** A defect as Match looks at it, with what its measures come to. */
export interface Seen {
  readonly subject: Subject;
  readonly surveyed: Surveyed;
}

/**
 * A defect as Match looks at it, whatever its kind.
 * @param read its facts, complete and possible
 * @param place those of its area
 * @throws Error where a fact of the area is missing
 */
export function subjectOf(ledger: Ledger, kind: Kind, read: FactReader, place: FactReader): Seen {
  const surveyed = kind.survey(read);
  const need = (field: string) => {
    const figure = place.measure(field);
    if (!figure) throw new Error(`the fact '${field}' is missing`);
    return figure;
  };
  const [airC, slabC, humidity] = [need('airC'), need('slabC'), need('humidityPct')];
  const dew = ledger.compute(dewPoint, { airC, humidityPct: humidity });
  const optional = (
    key: 'age' | 'gap' | 'servesC' | 'standsUp' | 'wall' | 'woodMoisture' | 'flex' | 'movementToCome' | 'length' | 'depth' | 'section',
    field: string,
  ) => {
    const figure =
      key === 'depth'
        ? (['behind', 'deepest'].map((id) => surveyed.measured.find((m) => m.id === id)?.figure).find((f) => f !== undefined) ??
          read.measure(field) ??
          read.measure('thicknessMm') ??
          (kind.id === 'timber-through' ? read.measure('sectionMm') : undefined))
        : read.measure(field);
    return figure ? { [key]: figure } : {};
  };
  const one = read.measure('widestMm');
  const widths = read.stations('widths')?.widths ?? (one && [one]);
  const night = place.measure('nightC');
  return {
    surveyed,
    subject: {
      kind: kind.id,
      surface: kind.surface,
      title: kind.title,
      ...(kind.openBehind?.(read) === true && { openBehind: true }),
      ...(kind.softEdge && { softEdge: true }),
      answers: aspectValues(kind, read, place),
      asked: askedOutcomes(kind, (field) => read.choice(field)),
      airC,
      slabC,
      humidity,
      dewPoint: dew,
      dewMargin: ledger.compute(dewMargin, { slabC, dewPointC: dew }),
      ...(widths && { widths }),
      ...(night && { night }),
      ...optional('age', 'slabAgeDays'),
      ...(read.choice('fault') === 'hump' && optional('standsUp', 'heightMm')),
      ...optional('servesC', 'temperatureC'),
      ...optional('gap', 'gapMm'),
      ...optional('wall', 'wallMm'),
      ...optional('woodMoisture', 'moisturePct'),
      ...optional('flex', 'flexMm'),
      ...optional('movementToCome', 'movementMm'),
      ...optional('length', 'lengthMm'),
      ...optional('depth', 'depthMm'),
      ...optional('section', 'sectionMm'),
    },
  };
}
