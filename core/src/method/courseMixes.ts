import { volumeShare, massShare } from '../geometry/groove.ts';
import { batchesByTime, batchesForWork, timeOfBatch } from '../mixing/mortarBatch.ts';
import { lostOf } from '../mixing/loss.ts';
import type { Figure } from '../quantity/figure.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { wasteWords, type MixCareId } from '../shelf/mixCare.ts';
import type { RateId } from '../shelf/rates.ts';
import { anyWork } from '../shelf/usual/anyWork.ts';
import type { Counted } from './inBatches.ts';
import { bandOf, byPail, needsToPlace, pailWords } from './batches.ts';
import { CourseFigures } from './courseFigures.ts';
import { handlingOf } from './mixHandling.ts';
import { mixKey } from './mixKey.ts';
import type { Mix, MixPart, MixSaid } from './work.ts';

/** The mixes of a method in the making: in batches that are placed within their working time, with how they are measured and stirred. */
export class CourseMixes extends CourseFigures {
  readonly #said: Omit<Mix, 'serves'>[] = [];
  readonly #counted = new Map<string, Counted>();

  /** Mixes whose batches no step of their own tells. */
  protected get counted(): ReadonlyMap<string, Counted> {
    return this.#counted;
  }

  get mixes(): readonly Omit<Mix, 'serves'>[] {
    return this.#said;
  }

  /** A mix in as many batches as are placed within its working time; keeps it, and returns how many and one of them. */
  mix(
    id: string,
    title: string,
    total: Figure,
    parts: readonly Omit<MixPart, 'each'>[],
    place: {
      readonly within: Figure;
      /** how fast it is placed, or the minutes that placing all of it takes */
      readonly pace: RateId | Figure;
      readonly reserve?: Figure;
      readonly least?: Figure;
      readonly care: MixCareId;
      readonly of?: string;
      /** a step of its own says how many */
      readonly told?: true;
    },
    says: readonly Saying[],
  ): { readonly batches: Figure; readonly batch: Figure } {
    const reserve = place.reserve ?? this.get(anyWork.figures.reserve);
    const least = place.least ?? this.stated('At least one batch', 'count', 1);
    const { within: potLifeMin, pace } = place;
    const byTime =
      typeof pace === 'string'
        ? this.ledger.compute(batchesByTime, { volumeMl: total, potLifeMin, reserve, minPerL: this.get(this.rates[pace]), hands: this.hands, least })
        : this.ledger.compute(batchesForWork, { placingMin: pace, potLifeMin, reserve, least });
    const batches = total.kind === 'volume' ? byPail(this, total, byTime) : byTime;
    const share = (amount: Figure) =>
      amount.kind === 'mass'
        ? this.ledger.compute(massShare, { massG: amount, parts: batches }, 'For one batch')
        : this.ledger.compute(volumeShare, { volumeMl: amount, parts: batches }, 'For one batch');
    const batch = share(total);
    const needs =
      typeof pace === 'string' ? needsToPlace(this, batch, pace, reserve) : this.ledger.compute(timeOfBatch, { placingMin: pace, batches, reserve });
    this.keepMix({
      id,
      title,
      total,
      batches,
      within: place.within,
      needs,
      care: place.care,
      ...(place.of !== undefined && { of: place.of }),
      says: [...says, ...pailWords(this, [batches])],
      parts: parts.map((p) => (p.once === true ? p : { ...p, each: share(p.amount) })),
    });
    if (place.told !== true) this.#counted.set(id, { batches, batch });
    return { batches, batch };
  }

  /** Keeps a mix whose batches are made up elsewhere. */
  keepMix({ care, of = this.system.id, says, needs, ...mix }: MixSaid): void {
    const { handling, says: stirring } = handlingOf(this, care, mix.parts);
    const gelAt23 = mix.within && this.gelOf(mix.within);
    const band = gelAt23 && needs && bandOf(this, gelAt23, needs);
    // what becomes of the rest is said once for all mixes that end the same way
    const leftOver = this.#said.some((m) => m.handling.waste === handling.waste) ? [] : [say`${wasteWords[handling.waste]}`];
    const ninth = this.ninthOf(mix.total);
    const lost = this.#lostOf(mix.total);
    this.#said.push({
      ...mix,
      of,
      key: mixKey(of, care, mix.parts),
      handling,
      ...(gelAt23 && { gelAt23 }),
      ...(band && { band }),
      ...(ninth && { ninth }),
      ...(lost && { lost }),
      says: [
        ...says,
        ...(lost ? [say`Of it ${lost} is lost: on tools, in hoses, struck off.`] : []),
        ...(band?.most.origin.by === 'formula' ? [say`Batches of this size hold up to ${band.most}: warmer, they go off sooner and are made smaller.`] : []),
        ...stirring,
        ...leftOver,
      ],
    });
  }

  /** What of a mix is lost, where its total was made with a share for that. */
  #lostOf(total: Figure): Figure | undefined {
    const { origin } = total;
    const id = origin.by === 'formula' && total.kind === 'volume' ? origin.inputs['loss'] : undefined;
    const loss = typeof id === 'string' ? this.ledger.find(id) : undefined;
    return loss && loss.value > 0 ? this.ledger.compute(lostOf, { mixedMl: total, loss }) : undefined;
  }
}
