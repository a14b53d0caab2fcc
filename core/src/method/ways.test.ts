import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { everyMethod } from '../../test/everyMethod.ts';
import { planText } from '../plan/planRecord.ts';
import type { PatchSystem, Way } from '../shelf/patchSystem.ts';
import { genericShelf } from '../shelf/shelf.ts';
import type { Sourced } from '../quantity/ledger.ts';
import type { Kind } from '../survey/kind.ts';
import { addKind, defectKinds, kindOf } from '../survey/kinds.ts';

/** Figures that a record may bring to be followed where they stand; a method has a usual value without them. */
const mayBring = ['viscosity', 'dry', 'dose', 'next', 'water', 'speed', 'dampDays'];

const declaring = genericShelf.filter((s) => s.does !== undefined);

/** The shelf with every figure that is not a system's own put into its record too. */
function stuffed(): readonly PatchSystem[] {
  const all = genericShelf.flatMap((s) => Object.entries<Sourced>(s.figures ?? {}));
  const foreign = Object.fromEntries(all.filter(([name]) => !mayBring.includes(name)));
  return genericShelf.map((s) => ({ ...s, figures: { ...foreign, ...s.figures } }));
}

describe('what a system does is declared', () => {
  it('no figure that happens to stand in a record changes a method', () => {
    const [plain, more] = [everyMethod(), everyMethod({}, {}, {}, stuffed())];
    const changed = plain.filter((one, i) => planText(one.plan) !== planText((more[i] as typeof one).plan));
    expect(changed.map((one) => `${one.kind}, ${one.system}`)).toEqual([]);
  });

  it.each(declaring.map((s) => [s.id, s] as const))('%s has another method, or none, where it does not declare what it does', (id, system) => {
    const silent = genericShelf.map((s) =>
      s.id === id ? (Object.fromEntries(Object.entries(s).filter(([key]) => key !== 'does')) as unknown as PatchSystem) : s,
    );
    // what is only ever a part of a combination is tried in each that it is a part of
    const tried = defectKinds().flatMap((kind) =>
      surveyedPlan(kind.id)
        .candidates.filter((c) => (system.suits.length > 0 ? c.system.id === id : c.chain?.some((m) => m.id === id)))
        .map((c) => [kind.id, c.system.id] as const),
    );
    const differ = tried.filter(([kind, way]) => {
      const of = (shelf: readonly PatchSystem[]) => {
        try {
          return JSON.stringify(
            surveyedPlan(kind, {}, {}, { choice: { system: way, reason: 'tried' } }, shelf)
              .work()
              ?.method.steps.map((s) => [s.builder, s.title]),
          );
        } catch (error) {
          return error instanceof Error ? error.message : 'thrown';
        }
      };
      return of(genericShelf) !== of(silent);
    });
    expect(differ).not.toEqual([]);
  });

  it('declares only what some method asks for', () => {
    const known: Readonly<Record<Way, true>> = {
      'new-lath': true,
      'lime-coats': true,
      'damp-finish': true,
      sets: true,
      retapes: true,
      'floats-corner': true,
      'feathers-joints': true,
      drilled: true,
      foams: true,
      'hardens-soft': true,
      sprayed: true,
    };
    expect(new Set(declaring.flatMap((s) => s.does))).toEqual(new Set(Object.keys(known)));
  });
});

describe('a question that a kind does not ask', () => {
  const bare: Kind = {
    ...kindOf('timber-decay'),
    id: 'timber-shelf',
    title: 'rot in a shelf',
    asks: kindOf('timber-decay').asks.filter((a) => a.field !== 'loaded'),
  };
  let gone: () => void = () => undefined;
  beforeAll(() => {
    gone = addKind(bare);
  });
  afterAll(() => {
    gone();
  });

  it('holds nothing: no answer could ever lift such a stop', () => {
    const stops = (kind: string, given: Readonly<Record<string, unknown>> = {}) => surveyedPlan(kind, given).stops.map((s) => s.id);
    expect(stops('timber-shelf')).not.toContain('timber-load');
    expect(stops('timber-decay', { loaded: 'unknown' })).toContain('timber-load');
    expect(stops('timber-decay', { loaded: 'yes' })).toContain('timber-load');
  });
});
