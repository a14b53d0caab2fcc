import { dewMargin, dewPoint } from '../climate/humidAir.ts';
import { preparedDepth } from '../geometry/cutOut.ts';
import { routWidth, sealantDepth } from '../geometry/groove.ts';
import { chasingTools } from '../shelf/chasingTools.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Aspect, PatchSystem, Preparation } from '../shelf/patchSystem.ts';
import { areaTable } from '../survey/area.ts';
import { choiceLabel } from '../survey/ask.ts';
import type { CrackSubject } from '../survey/crackSubject.ts';
import { FactReader } from '../survey/factReader.ts';
import type { Area, Defect } from '../survey/job.ts';
import type { Kind, Surface, Surveyed } from '../survey/kind.ts';
import { slabCrackTable } from '../survey/slabCrack.ts';
import { askedIn, aspectValues } from './aspects.ts';

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
  readonly title: string;
  readonly answers: Readonly<Partial<Record<Aspect, Answer>>>;
  readonly airC: Figure;
  readonly slabC: Figure;
  readonly dewPoint: Figure;
  readonly dewMargin: Figure;
  readonly age?: Figure;
  readonly woodMoisture?: Figure;
  readonly flex?: Figure;
  readonly movementToCome?: Figure;
  /** opening of a joint */
  readonly gap?: Figure;
  /** of a line: its length, and every width along it */
  readonly length?: Figure;
  readonly widths?: readonly Figure[];
  readonly depth?: Figure;
}

/** The size that a system is judged on, and the preparation that was assumed for it. */
export interface JudgedSize {
  readonly preparation: Preparation;
  readonly width?: Figure;
  readonly depth?: Figure;
  /** longest side of what is closed */
  readonly extent?: Figure;
  readonly void?: Figure;
  /** the preparation in two or three words, for titles */
  readonly named: string;
  /** the preparation that was assumed, as a clause */
  readonly assumed: Saying;
  /** why the system's own preparation is not allowed, and the found size is judged instead */
  readonly refusedBecause?: Saying;
  /** why the cut stays shallower than the school wants */
  readonly limitedBecause?: Saying;
}

const crackAspects = ['member', 'movement', 'moisture', 'traffic', 'finish', 'claim', 'place'] as const;

/** A slab crack as Match looks at it. */
export function crackAsSubject(crack: CrackSubject): Subject {
  const label = (aspect: (typeof crackAspects)[number]) => choiceLabel(aspect === 'place' ? areaTable : slabCrackTable, aspect, crack.choices[aspect]);
  const { airC, slabC, length, widths, depth, age } = crack;
  return {
    kind: slabCrackTable.id,
    surface: 'concrete',
    title: slabCrackTable.title,
    answers: {
      position: { value: 'floor', label: 'floor' },
      ...Object.fromEntries(
        crackAspects.map((aspect) => [
          aspect,
          {
            value: crack.choices[aspect],
            label: label(aspect),
            asked: askedIn(aspect === 'place' ? areaTable : slabCrackTable, aspect, aspect === 'place' ? 'area' : 'defect'),
          },
        ]),
      ),
    },
    airC,
    slabC,
    dewPoint: crack.dewPoint,
    dewMargin: crack.dewMargin,
    length,
    widths,
    depth,
    ...(age && { age }),
  };
}

/** A defect of any other kind as Match looks at it, with what its measures come to. */
export function subjectOf(ledger: Ledger, kind: Kind, defect: Defect, area: Area): { readonly subject: Subject; readonly surveyed: Surveyed } {
  const read = new FactReader(ledger, kind, defect.facts);
  const place = new FactReader(ledger, areaTable, area.facts);
  const surveyed = kind.survey(read);
  const need = (field: string) => {
    const figure = place.measure(field);
    if (!figure) throw new Error(`the fact '${field}' is missing`);
    return figure;
  };
  const [airC, slabC, humidity] = [need('airC'), need('slabC'), need('humidityPct')];
  const dew = ledger.compute(dewPoint, { airC, humidityPct: humidity });
  const optional = (key: 'age' | 'gap' | 'woodMoisture' | 'flex' | 'movementToCome' | 'length' | 'depth', field: string) => {
    const figure =
      key === 'depth'
        ? (['behind', 'deepest'].map((id) => surveyed.measured.find((m) => m.id === id)?.figure).find((f) => f !== undefined) ??
          read.measure(field) ??
          read.measure('thicknessMm') ??
          (kind.id === 'timber-through' ? read.measure('sectionMm') : undefined))
        : read.measure(field);
    return figure ? { [key]: figure } : {};
  };
  const widths = read.stations('widths')?.widths;
  return {
    surveyed,
    subject: {
      kind: kind.id,
      surface: kind.surface,
      title: kind.title,
      ...(kind.openBehind?.(read) === true && { openBehind: true }),
      answers: aspectValues(kind, read, place),
      airC,
      slabC,
      dewPoint: dew,
      dewMargin: ledger.compute(dewMargin, { slabC, dewPointC: dew }),
      ...(widths && { widths }),
      ...optional('age', 'slabAgeDays'),
      ...optional('gap', 'gapMm'),
      ...optional('woodMoisture', 'moisturePct'),
      ...optional('flex', 'flexMm'),
      ...optional('movementToCome', 'movementMm'),
      ...optional('length', 'lengthMm'),
      ...optional('depth', 'depthMm'),
    },
  };
}

/** Width and depth of a rout for a sealant over a crack. */
function rout(
  ledger: Ledger,
  subject: Subject,
  widestMm: Figure,
  sealant: NonNullable<PatchSystem['sealant']>,
): { readonly width: Figure; readonly depth: Figure } {
  const movementMm = subject.movementToCome ?? ledger.assumed('Movement still to come', 'crackWidth', 0, 'judgement', 'none measured');
  const width = ledger.compute(routWidth, {
    movementMm,
    capability: ledger.sourced(sealant.capability),
    leastMm: ledger.sourced(sealant.leastWidth),
    widestMm,
    trimMm: ledger.sourced(chasingTools.trim),
  });
  return {
    width,
    depth: ledger.compute(sealantDepth, { widthMm: width, leastMm: ledger.sourced(sealant.leastDepth), mostMm: ledger.sourced(sealant.mostDepth) }),
  };
}

/** The size of a defect of any other kind as a system prepares it: cut square, or as found. */
export function sizeOf(ledger: Ledger, { subject, surveyed }: ReturnType<typeof subjectOf>, system: PatchSystem): JudgedSize {
  const measured = (id: string) => surveyed.measured.find((m) => m.id === id)?.figure;
  const width = measured('widest');
  const sides = [surveyed.seen?.width, surveyed.seen?.height].filter((f) => f !== undefined);
  const extent = width ? undefined : sides.reduce<Figure | undefined>((most, f) => (!most || f.value > most.value ? f : most), undefined);
  const found = subject.depth;
  const cut = system.edge !== undefined && !width && found ? ledger.compute(preparedDepth, { foundMm: found, edgeMm: ledger.sourced(system.edge) }) : undefined;
  const routed = width && system.preparation === 'rout' && system.sealant ? rout(ledger, subject, width, system.sealant) : undefined;
  const filled = measured('void');
  return {
    preparation: cut ? 'square-cut' : routed ? 'rout' : 'as-found',
    ...(width && { width: routed?.width ?? width }),
    ...(extent && { extent }),
    ...(routed ? { depth: routed.depth } : (cut ?? found) && { depth: cut ?? found }),
    ...(filled && { void: filled }),
    named: cut ? 'squared' : routed ? 'routed' : 'as found',
    assumed: routed
      ? say`routed ${routed.width} wide and ${routed.depth} deep`
      : cut
        ? say`cut square ${cut} deep`
        : width
          ? say`${width} wide as found`
          : extent
            ? say`${extent} across`
            : say`as found`,
  };
}
