// What comes before what, as every trade does it (common practice, no source), over the methods of all systems.
import { describe, expect, it } from 'vitest';
import { amountOf, box, orderOf, rowOf, told, workOn } from '../checks/methodSteps.ts';
import { Figure } from '../src/quantity/figure.ts';
import type { PlannedWork } from '../src/plan/plannedWork.ts';
import { everyMethod } from './everyMethod.ts';

const taped = everyMethod({}, { tape: 'loose', joint: 'butt' }).filter(({ kind }) => kind === 'drywall-joint');
const all = [...everyMethod(), ...taped].flatMap(({ kind, system, work }) => (work ? [{ of: `${kind}, ${system}`, system, work, order: orderOf(work) }] : []));

describe('in every method', () => {
  it.each([
    ['covering', /^cover-(room|around)$/, /^(saw-square|grind-edge|break-out|sand-flat|chip|cut-opening|cut-slot|take-down|fill-place)$/],
    ['washing a tub', /^clean-tub$/, /^(mask-tub|scuff-shell|putty-build|lay-mat|gelcoat|mist-coat|enamel-coat)$/],
    ['masking a tub', /^mask-tub$/, /^(putty-build|lay-mat|mist-coat|enamel-coat)$/],
    ['breaking out', /^break-out$/, /^(wash-out|soak-ground|scrub-coat|pack-lift|pour-form)$/],
    ['soaking', /^soak-ground$/, /^(scrub-coat|pack-lift)$/],
    ['scrubbing in', /^scrub-coat$/, /^pack-lift$/],
    ['sealing a crack', /^seal-crack$/, /^inject$/],
    ['flushing', /^flush-crack$/, /^inject$/],
    ['mesh', /^(lay-mesh|press-mesh)$/, /^(putty-build|draw-coat)$/],
    ['a promoter', /^promoter$/, /^mist-coat$/],
    ['cutting to sound wood', /^cut-sound$/, /^(bore-holes|press-filler|pour-tinted|glue-wood)$/],
    ['cutting tape out', /^cut-tape$/, /^bed-tape$/],
    ['bedding tape', /^bed-tape$/, /^draw-coat$/],
    ['looking over in slanting light', /^look-over$/, /^prime-over$/],
    ['priming', /^prime-over$/, /^paint-coat$/],
  ] as const)('%s comes before what it is for', (_what, first, then) => {
    let looked = 0;
    for (const { of, order } of all) {
      const begin = order.findIndex((b) => first.test(b));
      const later = order.findIndex((b) => then.test(b));
      if (begin < 0 || later < 0) continue;
      looked += 1;
      expect([of, begin < later]).toEqual([of, true]);
    }
    expect(looked).toBeGreaterThan(0);
  });

  it('texture goes on primer that has dried, and dries before its paint; a dash goes onto the damp finish of the same visit', () => {
    let [sprayed, thrown] = [0, 0];
    for (const texture of ['knockdown', 'dash'])
      for (const { kind, system, work } of everyMethod({}, { texture, paint: 'flat' }, { 'primer-under-paint': 'skip' })) {
        const rows = work?.schedule.rows ?? [];
        const row = (builder: string) => rows.find((r) => r.step.builder === builder);
        const [textured, primed, painted, dash] = ['texture', 'prime-over', 'paint-coat', 'throw-dash'].map(row);
        const waited = (from: typeof textured, to: typeof textured) => from && to && to.startMin - from.endMin >= 30;
        if (textured) {
          sprayed += 1;
          expect([kind, system, waited(primed, textured), waited(textured, painted), dash]).toEqual([kind, system, true, true, undefined]);
        }
        const floated = rows.find((r) => r.step.id.endsWith('float-plaster.finish'));
        if (dash && floated) {
          thrown += 1;
          expect([kind, system, dash.start.slice(0, 10), dash.startMin - floated.endMin < 60]).toEqual([kind, system, floated.start.slice(0, 10), true]);
        }
      }
    expect([sprayed > 10, thrown > 2]).toEqual([true, true]);
  });

  it('nothing is sanded before what was placed last has set, dried or hardened', () => {
    const placed = /^(draw-coat|fill-place|skim-face|bed-tape|press-filler|putty-build|finish-pull)$/;
    const waits = /(sets|dries|firm|hard|dry|cures)/;
    let looked = 0;
    for (const { of, order } of all) {
      order.forEach((b, i) => {
        if (!/^(sand-flat|knock-down|dry-ladder|shape-filler)$/.test(b)) return;
        const last = order.slice(0, i).findLastIndex((one) => placed.test(one));
        if (last < 0) return;
        looked += 1;
        expect([of, b, order.slice(last, i).some((one) => waits.test(one))]).toEqual([of, b, true]);
      });
    }
    expect(looked).toBeGreaterThan(60);
  });

  it('is mixed when it is wanted: between mixing and the work that takes it lies no wait', () => {
    let looked = 0;
    for (const { of, work } of all) {
      const hands = work.schedule.rows.filter((r) => r.step.kind === 'work');
      hands.forEach((row, i) => {
        const [mix, next] = [/^mix-/.test(row.step.builder), hands[i + 1]];
        if (!mix || !next) return;
        looked += 1;
        expect([of, row.step.id, next.startMin - row.startMin - row.step.minutes.value < 1e-6]).toEqual([of, row.step.id, true]);
      });
    }
    expect(looked).toBeGreaterThan(20);
  });

  it('mixes a setting compound anew for each go, and a mortar for each lift', () => {
    let looked = 0;
    for (const { of, system, order } of all) {
      if (/^setting-compound-\d+$/.test(system)) {
        looked += 1;
        expect([of, order.filter((b) => b === 'mix-compound').length]).toEqual([of, order.filter((b) => /^(fill-place|bed-tape|draw-coat)$/.test(b)).length]);
      }
      expect([of, order.filter((b) => b === 'mix-mortar').length]).toEqual([of, order.filter((b) => b === 'pack-lift').length]);
    }
    expect(looked).toBeGreaterThan(10);
  });

  it('lets no time go by that nothing tells: a wait, or the time itself in the words of one of both steps', () => {
    let looked = 0;
    for (const { of, work } of all) {
      let [last, waited] = [work.schedule.rows[0], false];
      for (const row of work.schedule.rows) {
        if (row.step.kind === 'wait') waited = true;
        if (row.step.kind !== 'work') continue;
        const gap = row.startMin - (last?.endMin ?? 0);
        // a morning, or the end of a break (usual hours): the night before tells itself
        const opens = ['07:00', '12:30'].includes(row.start.slice(11, 16));
        if (row !== last && !waited && !opens && gap > 1) {
          looked += 1;
          // the first named may have begun before the last: within the quarter of an hour that clearing away takes
          const named = [last, row]
            .flatMap((r) => [...(r?.step.title ?? []), ...(r?.step.detail ?? [])])
            .filter((part): part is Figure => part instanceof Figure && part.kind === 'duration');
          expect([of, last?.step.builder, row.step.builder, named.some((f) => Math.abs(f.value - gap) < 15)]).toEqual([
            of,
            last?.step.builder,
            row.step.builder,
            true,
          ]);
        }
        [last, waited] = [row, false];
      }
    }
    expect(looked).toBeGreaterThan(10);
  });

  it('is cleared away: tools are cleaned before what is on them sets, or while it dries', () => {
    for (const { of, order } of all) expect([of, order.some((b) => b === 'clear-away' || b === 'put-away')]).toEqual([of, true]);
  });

  it('is used no sooner than its last coat of paint is dry', () => {
    let looked = 0;
    for (const { of, work, order } of all) {
      const rows = work.schedule.rows;
      const [paint, open] = [rows.findLast((r) => r.step.builder === 'paint-coat'), rows.find((r) => r.step.builder === 'open-to-traffic')];
      // concrete is used once it is hard, and painted when it is dry
      if (!paint || !open || order.includes('painted-again')) continue;
      looked += 1;
      // two hours (usual data sheet)
      expect([of, open.startMin - paint.endMin > 119]).toEqual([of, true]);
    }
    expect(looked).toBeGreaterThan(10);
  });

  it('tells what comes afterwards in the order of its time', () => {
    for (const { of, work } of all) {
      const after = work.schedule.rows.filter((r) => r.step.kind === 'ready').map((r) => r.startMin);
      expect([of, after]).toEqual([of, [...after].sort((a, b) => a - b)]);
    }
  });

  it('covers the room once, whatever is done one after the other, and again only after it was left for days', () => {
    for (const { of, order } of all) {
      const [covered, left] = [/^cover-(room|around)$/, /^put-away$/].map((b) => order.filter((o) => b.test(o)).length);
      expect([of, covered === 0 || covered === left]).toEqual([of, true]);
    }
  });

  it('leaves its sheets where they are until no more dust, water or wet stuff comes, and clears away last', () => {
    let looked = 0;
    for (const { of, work } of all) {
      let covered = !work.method.steps.some((s) => /^(cover-|mask-tub)/.test(s.builder));
      const hand = work.schedule.rows.filter((r) => r.step.handsOn);
      for (const { step } of hand) {
        if (/^(cover-|mask-tub)/.test(step.builder)) covered = true;
        const messy = step.handsOn?.makes.some((m) => m !== 'noise') === true || (step.handsOn?.uses.length ?? 0) > 0;
        // a tub is washed before its mask goes on, and catches that itself
        if (messy && step.builder !== 'clean-tub') {
          looked += 1;
          expect([of, step.builder, covered]).toEqual([of, step.builder, true]);
        }
        if (step.builder === 'put-away') covered = false;
      }
      expect([of, hand.at(-1)?.step.builder]).toEqual([of, 'put-away']);
    }
    expect(looked).toBeGreaterThan(500);
  });

  it('takes off again what it put up: board, form, props, ports, packers', () => {
    const pairs = { 'edge-form': 'board-off', 'build-form': 'strip-form', 'prop-up': 'propped', 'set-ports': 'scrape-off', 'drill-packers': 'pull-packers' };
    let up = 0;
    for (const { of, order } of all)
      for (const [puts, takes] of Object.entries(pairs)) {
        const at = order.indexOf(puts);
        if (at < 0) continue;
        up += 1;
        expect([of, puts, order.indexOf(takes) > at]).toEqual([of, puts, true]);
      }
    expect(up).toBeGreaterThan(10);
  });

  it('skims plaster when it has been aired, for days', () => {
    const { work, order } = all.find((m) => m.system === 'gypsum-plaster + skim-coat') ?? {};
    const [aired, skim] = [order?.indexOf('air-out') ?? -1, order?.indexOf('skim-face') ?? -1];
    expect([aired > 0, aired < skim]).toEqual([true, true]);
    const rows = work?.schedule.rows ?? [];
    // gypsum plaster is aired for about a week before it is closed in (common practice)
    expect(
      (rows.find((r) => r.step.builder === 'skim-face')?.startMin ?? 0) - (rows.findLast((r) => r.step.builder === 'float-plaster')?.endMin ?? 0),
    ).toBeGreaterThan(5 * 1440);
  });

  it('closes the back of a hole before anything is soaked or primed, and foam has cured by then', () => {
    let looked = 0;
    for (const { of, order } of all.filter((m) => m.of.startsWith('timber-through') && m.order.includes('back-hole'))) {
      looked += 1;
      const places = ['back-hole', 'foam-cures', 'cut-foam', order.includes('soak-wood') ? 'soak-wood' : 'prime-wood', 'press-filler'].map((b) =>
        order.indexOf(b),
      );
      expect([of, places.every((at, i) => at > (places[i - 1] ?? -1))]).toEqual([of, true]);
    }
    expect(looked).toBeGreaterThan(3);
  });

  it('mixes what hardens in the pot for each coat of enamel', () => {
    const { work } = all.find((m) => m.system === 'enamel-touch-up') ?? {};
    const mix = work?.method.mixes.find((m) => m.id === 'enamel');
    const coats = work?.method.steps.filter((s) => s.builder === 'enamel-coat').length ?? 0;
    expect(mix?.batches.value).toBe(coats);
    expect(mix?.total.value).toBeCloseTo(coats * 3, 6);
  });

  it('says a wait once: no two waits of one kind begin at the same moment', () => {
    for (const { of, work } of all) {
      const waits = work.schedule.rows.filter((r) => r.step.kind === 'wait').map((r) => `${r.step.builder} at ${r.start}`);
      expect([of, waits.filter((w, i) => waits.indexOf(w) !== i)]).toEqual([of, []]);
    }
  });

  it('between tape in drying compound and its first coat lies the drying of the bed, not of a thin coat', () => {
    let looked = 0;
    for (const { of, work } of all) {
      const rows = work.schedule.rows;
      const bed = rows.findIndex((r) => r.step.builder === 'bed-tape');
      const coats = rows.flatMap((r, i) => (r.step.builder === 'draw-coat' && i > bed ? [i] : []));
      const dries = (from: number, to: number) => rows.slice(from, to).find((r) => r.step.builder === 'compound-dries')?.step.minutes.value;
      const [first, second] = [dries(bed, coats[0] ?? 0), dries(coats[0] ?? 0, coats[1] ?? 0)];
      if (bed < 0 || first === undefined || second === undefined) continue;
      looked += 1;
      expect([of, first > second * 1.5]).toEqual([of, true]);
    }
    expect(looked).toBeGreaterThan(1);
  });

  it('ends with what it may be used for, and tools are clean before that', () => {
    for (const { of, order } of all) {
      expect([of, /^(open-to-traffic|painted-again|patch-ready|look-for-water|sound-again|sound-last)$/.test(order.at(-1) ?? '')]).toEqual([of, true]);
      const [clean, end] = [order.indexOf('clear-away'), order.indexOf('open-to-traffic')];
      if (clean >= 0 && end >= 0) expect([of, clean < end]).toEqual([of, true]);
    }
  });

  it('primer is on a face that is dry, by the slower of compound and primer', () => {
    for (const { of, order } of all) {
      const prime = order.indexOf('prime-over');
      const coat = order.slice(0, Math.max(prime, 0)).findLastIndex((b) => /^(draw-coat|skim-face|fill-place)$/.test(b));
      if (prime < 0 || coat < 0) continue;
      expect([of, order.slice(coat, prime).includes('compound-dries')]).toEqual([of, true]);
    }
  });
});

describe('by what is found', () => {
  const has = (work: PlannedWork, builder: string) => orderOf(work).includes(builder);

  it('seals water first where it runs, and looks for it again at the end', () => {
    const work = workOn('wall-crack', 'water-plug + injection-foam', { moisture: 'running', wallMm: 200 });
    expect(orderOf(work).indexOf('press-plug')).toBeLessThan(orderOf(work).indexOf('inject'));
    expect(has(work, 'look-for-water')).toBe(true);
    expect(has(workOn('wall-crack', 'epoxy-injection-resin', { wallMm: 200 }), 'press-plug')).toBe(false);
  });

  it('holds a floor of a tub from below before it is laminated, and pushes to see that it is still', () => {
    const work = workOn('tub-crack', 'support-fill + fiberglass-laminate + two-part-coating', { lengthMm: 160, part: 'floor', flexMm: 3 });
    const order = orderOf(work);
    const places = ['support-shell', 'push-test', 'stop-crack', 'lay-mat'].map((b) => order.indexOf(b));
    expect(places.every((at, i) => at > (places[i - 1] ?? -1))).toBe(true);
  });

  it('props sagging plaster up before it is fastened, and leaves the props until it holds', () => {
    const order = orderOf(
      workOn('plaster-loose', 'plaster-reattach + setting-compound-45 + skim-coat', { outline: box(1000, 700), position: 'wall', base: 'wood-lath', sagMm: 5 }),
    );
    expect(order.indexOf('prop-up')).toBeLessThan(order.indexOf('fasten-back'));
    expect(order.indexOf('propped')).toBeGreaterThan(order.indexOf('fasten-back'));
  });

  it('beds tape over a crack in plaster and over the cuts of a board, and none over a hole that mesh spans', () => {
    expect(has(workOn('plaster-crack', 'setting-compound-45'), 'bed-tape')).toBe(true);
    expect(has(workOn('drywall-hole', 'board-patch', { outline: box(300, 260) }), 'bed-tape')).toBe(true);
    expect(has(workOn('drywall-hole', 'mesh-patch', { outline: box(100, 90) }), 'press-mesh')).toBe(true);
  });

  it('colors a nick before it sets and a coat before it is loaded', () => {
    const nick = orderOf(workOn('tub-nick', 'gelcoat-paste', { match: 'color' }));
    expect(nick.indexOf('match-color')).toBeGreaterThan(nick.indexOf('clean-tub'));
    const chip = orderOf(workOn('tub-chip', 'enamel-touch-up', { match: 'color' }));
    expect(chip.indexOf('match-color')).toBeLessThan(chip.indexOf('enamel-coat'));
    expect(chip.indexOf('grind-rust')).toBeLessThan(chip.indexOf('enamel-coat'));
  });

  it('cuts a board back to the middle of the framing: 19 mm and more to screw into on each side', () => {
    const work = workOn('drywall-hole', 'board-patch', { outline: box(300, 260), frameMm: 406 });
    expect(amountOf(work, 'opening')).toBeGreaterThanOrEqual(300);
    expect(told(rowOf(work, 'cut-opening').step.title)).toContain('406 mm');
    // a cleat goes in between two members: no longer than the gap
    expect(amountOf(work, 'backer')).toBe(406 - 38);
  });

  it('trowels a smooth finish, and floats one whose grain is seen or that is skimmed', () => {
    const top = (texture: string, system = 'gypsum-plaster') =>
      orderOf(workOn('plaster-hole', system, { binder: 'gypsum', texture })).findLast((b) => b.endsWith('-plaster'));
    expect([top('smooth'), top('orange'), top('other')]).toEqual(['trowel-plaster', 'trowel-plaster', 'float-plaster']);
    expect(top('smooth', 'gypsum-plaster + skim-coat')).toBe('float-plaster');
  });

  it('looks a face over once more on its primer, where it is inspected by light and by hand', () => {
    const dent = orderOf(workOn('drywall-dent', 'setting-compound-45'));
    expect(dent.indexOf('look-again')).toBeGreaterThan(dent.indexOf('prime-over'));
    expect(dent.indexOf('look-over')).toBeLessThan(dent.indexOf('prime-over'));
    const quick = orderOf(workOn('drywall-dent', 'setting-compound-45', {}, {}, { inspecting: 'light' }));
    expect([quick.includes('look-over'), quick.includes('look-again')]).toEqual([true, false]);
  });

  it('skims and primes all that the coats over washers run out onto', () => {
    const work = workOn('plaster-loose', 'plaster-reattach + setting-compound-45 + skim-coat');
    expect(amountOf(work, 'skim')).toBe(amountOf(work, 'coated'));
    expect(amountOf(work, 'coated')).toBeGreaterThan(2 * 120 * 90);
  });

  it('pours a deep check in layers, each within what it bears, with the color only on top', () => {
    const work = workOn('timber-check', 'epoxy-pour-tinted', { widths: [{ atMm: 0, widthMm: 5 }], depthMm: 40, sectionMm: 120, finish: 'clear' });
    expect(orderOf(work).filter((b) => b === 'pour-tinted').length).toBeGreaterThan(1);
    expect(amountOf(work, 'tint')).toBeLessThan(amountOf(work, 'resin'));
    expect(amountOf(work, 'top')).toBeLessThan(40);
    // under paint nobody sees it; what dams the resin stays until it no longer runs
    const painted = workOn('timber-check', 'epoxy-pour-tinted', { widths: [{ atMm: 0, widthMm: 5 }], depthMm: 40, sectionMm: 120, finish: 'paint' });
    expect([orderOf(painted).includes('wet-preview'), painted.method.mixes.flatMap((m) => m.parts.filter((p) => p.role === 'tint'))]).toEqual([false, []]);
    const rows = painted.schedule.rows;
    const poured = rows.findLast((r) => r.step.builder === 'pour-tinted')?.endMin ?? Infinity;
    expect((rows.find((r) => r.step.builder === 'pull-tape')?.startMin ?? 0) - poured).toBeGreaterThan(300);
  });
});

describe('by the room', () => {
  const dry = (humidityPct: number, airC: number) =>
    workOn('drywall-hole', 'board-patch', { outline: box(300, 260) }, { humidityPct, airC, slabC: airC }).schedule.total.value;

  it('compound dries slower where it is damp and where it is cold', () => {
    expect(dry(80, 20)).toBeGreaterThan(dry(50, 20));
    expect(dry(50, 13)).toBeGreaterThan(dry(50, 20));
    expect(dry(50, 27)).toBeLessThan(dry(50, 20));
  });

  it('a coat flashes off and a laminate hardens sooner where it is warm', () => {
    const total = (airC: number) =>
      workOn('tub-crack', 'fiberglass-laminate + two-part-coating', { lengthMm: 160, part: 'wall' }, { airC, slabC: airC }).schedule.total.value;
    expect(total(28)).toBeLessThanOrEqual(total(20));
  });

  it('resin is injected within a time that warmth shortens, in no fewer batches', () => {
    const [cool, warm] = [14, 30].map((slabC) => workOn('wall-crack', 'epoxy-injection-resin', { lengthMm: 6000, wallMm: 300 }, { slabC, airC: slabC }));
    expect(warm?.mixes.find((m) => m.id === 'resin')?.within?.value).toBeLessThan(cool?.mixes.find((m) => m.id === 'resin')?.within?.value ?? 0);
    expect(warm?.mixes.find((m) => m.id === 'resin')?.batches.value).toBeGreaterThanOrEqual(
      cool?.mixes.find((m) => m.id === 'resin')?.batches.value ?? Infinity,
    );
  });
});
