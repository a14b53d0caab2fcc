import { describe, expect, it } from 'vitest';
import { effortMin } from '../../test/efforts.ts';
import { everyMethod } from '../../test/everyMethod.ts';
import { judged } from '../../test/cracks.ts';
import { constantClimate } from '../climate/series.ts';
import { Ledger } from '../quantity/ledger.ts';
import { schedule } from '../schedule/schedule.ts';
import type { Step } from './step.ts';
import { things } from './things.ts';
import type { WorkMethod } from './work.ts';

interface Case {
  readonly at: string;
  readonly method: WorkMethod;
}

/** Every method, those of a long crack in many sections, and the demo's sides that make other steps. */
const all: readonly Case[] = [
  ...everyMethod().map(({ kind, system, work }) => ({ at: `${kind} ${system}`, method: work?.method })),
  ...everyMethod({}, { outline: { shape: { is: 'rectangle', widthMm: 1000, heightMm: 700 } } }).map(({ kind, system, work }) => ({
    at: `${kind} ${system} large`,
    method: work?.method,
  })),
  ...everyMethod({}, { position: 'overhead' }).map(({ kind, system, work }) => ({ at: `${kind} ${system} overhead`, method: work?.method })),
  ...(['fixed', 'on-cured'] as const).map((side) => ({
    at: `long crack, ${side}`,
    method: judged({
      answers: { lengthMm: 9000 },
      defect: { choice: { system: 'rapid-crack-resin', reason: 'tried' }, schools: { 'second-placement': side } },
    }).work()?.method,
  })),
].filter((one): one is Case => one.method !== undefined);

const works = ({ steps }: WorkMethod) => steps.filter((s) => s.kind === 'work');

/** The steps that have to be done before each, by the links alone. */
function before({ links }: WorkMethod): (id: string) => ReadonlySet<string> {
  const known = new Map<string, Set<string>>();
  const of = (id: string): Set<string> => {
    const done = known.get(id);
    if (done) return done;
    const found = new Set<string>();
    known.set(id, found);
    for (const { from, to } of links) {
      if (to !== id) continue;
      found.add(from);
      for (const one of of(from)) found.add(one);
    }
    return found;
  };
  return of;
}

describe('the network of every method', () => {
  it('holds every step by a link, whatever the order of the list: nothing but the first begins of itself', () => {
    let steps = 0;
    for (const { at, method } of all) {
      const [first, ...later] = works(method);
      // what is laid out before anything else needs nothing either
      const free = later.filter((s) => !method.links.some((l) => l.to === s.id));
      steps += later.length;
      expect([at, first?.id, free.map((s) => s.id)]).toEqual([at, first?.id, []]);
    }
    expect(steps).toBeGreaterThan(2000);
  });

  it('lets steps be swapped that have no path between them: no window is missed for it, and nothing begins too early', () => {
    let swapped = 0;
    const climate = constantClimate(20, 20, 50);
    const startAt = '2026-06-02T05:00:00.000Z';
    const missed = (method: WorkMethod, steps: readonly Step[]) => {
      const { rows } = schedule(new Ledger(), { steps, links: method.links }, climate, startAt);
      return rows.filter((r) => r.latest && Date.parse(r.start) > Date.parse(r.latest.at)).map((r) => r.step.id);
    };
    for (const { at, method } of all) {
      const steps = method.steps.filter((s) => s.kind !== 'wait');
      const waitsFor = before(method);
      // what a window ties together goes in whole
      const tied = new Set(method.links.flatMap((l) => (l.most ? [l.from, l.to] : [])));
      expect([at, missed(method, steps)]).toEqual([at, []]);
      steps.forEach((one, i) => {
        const next = steps[i + 1];
        if (!next || one.kind !== 'work' || next.kind !== 'work' || waitsFor(next.id).has(one.id) || tied.has(one.id) || tied.has(next.id)) return;
        swapped += 1;
        const other = [...steps.slice(0, i), next, one, ...steps.slice(i + 2)];
        expect([at, one.id, next.id, missed(method, other)]).toEqual([at, one.id, next.id, []]);
        const { rows } = schedule(new Ledger(), { steps: other, links: method.links }, climate, startAt);
        for (const { from, after, to, least } of method.links) {
          const [a, b] = [rows.find((r) => r.step.id === from), rows.find((r) => r.step.id === to)];
          if (!a || !b) continue;
          const gap = b.startMin - (after === 'start' ? a.startMin : a.endMin);
          expect([at, from, to, gap >= -1e-6 || least !== undefined]).toEqual([at, from, to, true]);
        }
      });
    }
    expect(swapped).toBeGreaterThan(100);
  });

  it('puts every missed window right by steps: some of the method done again, some done only then', () => {
    let [windows, again, only] = [0, 0, 0];
    for (const { at, method } of all)
      for (const { to, most } of method.links) {
        if (!most) continue;
        windows += 1;
        expect([at, to, most.redo.length > 0]).toEqual([at, to, true]);
        for (const one of most.redo) {
          if ('again' in one) {
            again += 1;
            const order = method.steps.map((s) => s.id);
            expect([at, to, one.again, order.indexOf(one.again) >= 0 && order.indexOf(one.again) < order.indexOf(to)]).toEqual([at, to, one.again, true]);
          } else {
            only += 1;
            expect([at, to, one.minutes.value > 0, one.tools.length > 0]).toEqual([at, to, true, true]);
          }
        }
        // what the sentence has one do again is among the steps
        const says = most.ifMissed.filter((part) => typeof part === 'string').join(' ');
        if (/\b(prime|scrub|wet|brush it on|wipe it on) again\b/.test(says)) expect([at, to, most.redo.some((one) => 'again' in one)]).toEqual([at, to, true]);
      }
    expect([windows > 150, again > 120, only > 80]).toEqual([true, true, true]);
  });

  it('cleans only after what dirtied it', () => {
    for (const { at, method } of all) {
      const waitsFor = before(method);
      for (const s of works(method).filter((one) => one.builder === 'clear-away')) {
        const placed = works(method).filter((one) => (one.handsOn?.uses.length ?? 0) > 0 && waitsFor(s.id).has(one.id));
        expect([at, s.id, placed.length > 0 || method.mixes.length === 0]).toEqual([at, s.id, true]);
      }
    }
  });
});

describe('hands-on work', () => {
  it('is set-up and pace apart, and comes to the minutes of the step', () => {
    let paced = 0;
    for (const { at, method } of all)
      for (const s of works(method)) {
        const efforts = s.handsOn?.efforts ?? [];
        if (efforts.some((e) => e.by === 'pace')) paced += 1;
        expect([at, s.id, efforts.reduce((sum, e) => sum + effortMin(e), 0)]).toEqual([at, s.id, expect.closeTo(s.minutes.value, 6)]);
      }
    expect(paced).toBeGreaterThan(1500);
  });

  it('wants no more people than it can use, and two only where two have to be there', () => {
    for (const { at, method } of all)
      for (const s of works(method)) {
        const { people, efforts = [] } = s.handsOn ?? { people: { least: 0, most: 0 } };
        expect([at, s.id, people.least >= 1 && people.least <= people.most && people.most <= 2]).toEqual([at, s.id, true]);
        if (people.most === 1) expect(efforts.every((e) => e.by === 'fixed' || !e.shared)).toBe(true);
      }
    expect(all.some(({ method }) => works(method).some((s) => s.handsOn?.people.least === 2))).toBe(true);
  });

  it('knows what it raises: what is ground, sawn, drilled, chased, broken out or sanded dry makes dust; what is sprayed makes fumes and wants a respirator', () => {
    let [dusty, sprayed] = [0, 0];
    for (const { at, method } of all)
      for (const s of works(method)) {
        const { makes = [], skills = [], things: needed = [] } = s.handsOn ?? {};
        if (
          /^(chase|rout-crack|break-out|cut-edges|grind-flush|grind-edges|sand-flat|dry-ladder|shape-filler|bore-holes|drill-packers|cut-slot|trim-hole|take-down|saw-square|resaw)$/.test(
            s.builder,
          )
        ) {
          dusty += 1;
          expect([at, s.id, makes.includes('dust')]).toEqual([at, s.id, true]);
          expect([at, s.id, needed.length > 0]).toEqual([at, s.id, true]);
        }
        if (s.builder === 'mist-coat') {
          sprayed += 1;
          expect([makes.includes('fumes'), skills.some((asked) => asked.skill === 'respirator'), needed.includes('sprayer')]).toEqual([true, true, true]);
        }
        if (s.builder === 'wet-ladder') expect(makes).not.toContain('dust');
      }
    expect(dusty).toBeGreaterThan(200);
    expect(sprayed).toBeGreaterThan(10);
  });

  it('is not left lying once it is mixed; what covers and clears is done once for an area and day', () => {
    for (const { at, method } of all)
      for (const s of works(method)) {
        const reacts = method.mixes.some((m) => m.within !== undefined && m.serves.includes(s.id));
        if (reacts) expect([at, s.id, s.handsOn?.interrupt]).toEqual([at, s.id, false]);
        expect([at, s.id, s.handsOn?.once]).toEqual([at, s.id, /^(cover-room|cover-around|put-away)$/.test(s.builder) ? 'area-day' : 'repair']);
      }
  });

  it('names as a thing whatever of its tools is a machine', () => {
    const known = new Set<string>(Object.values(things).flatMap((t) => t.tools as readonly string[]));
    const machine = /\b(grinder|saw|drill|router|sander|vacuum|pump|sprayer|heater|fan|props?|wheel)\b/;
    // a wheel or a saw that stands among the words of hand tools
    const byHand = new Set(['mesh patch']);
    for (const { at, method } of all)
      for (const s of works(method))
        for (const tool of s.tools) expect([at, tool, !machine.test(tool) || known.has(tool) || byHand.has(tool)]).toEqual([at, tool, true]);
  });
});
