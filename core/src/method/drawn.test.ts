import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../test/everyMethod.ts';
import { kindOf } from '../survey/kinds.ts';

describe('a drawing', () => {
  it('cuts a hole that goes through all the way: below the board lies the cavity, not more of it', () => {
    let drawn = 0;
    for (const { kind, system, work } of everyMethod()) {
      if (kind !== 'drywall-hole' || !work) continue;
      const { regions, dimensions } = work.section;
      const ground = regions.find((r) => r.id === 'ground' && r.material === 'board');
      const depth = dimensions.find((d) => d.id === 'depth');
      // as thick as the plain board of the tests
      if (!ground || !depth || depth.figure.value < 12.7) continue;
      drawn += 1;
      const below = Math.max(...ground.outline.map(([, y]) => y));
      expect([kind, system, below]).toEqual([kind, system, expect.closeTo(depth.to[1], 6)]);
    }
    expect(drawn).toBeGreaterThan(1);
  });

  it('shows nothing that no step makes: each material in it is placed by a step, stands by one, or was there', () => {
    // what was there before: the ground, what lies behind it, what is seen and not made
    const found = new Set(['concrete', 'masonry', 'plaster', 'board', 'wood', 'shell', 'crack', 'hollow', 'open', 'bar', 'lath', 'frame']);
    // which steps make what is drawn, by what they are called
    const makes: Readonly<Record<string, RegExp>> = {
      mortar: /^(pack-lift|pour-form|fairing-pass|rebuild-edges|plaster-coat|press-plug|seal-crack|screw-backer)$/,
      'resin-sand': /^(press-filler|sand-lift|trowel-resin|rebuild-edges)$/,
      'choke-sand': /^choke-crack$/,
      compound: /^(fill-place|fill-chip|plaster-coat|draw-coat|prefill-gaps|bed-tape|dab-patch|skim-face|set-plug)/,
      resin: /^(inject|flood-crack|flood-net|gun-sealant|fill-joint|gel-paste|pour-tinted|press-filler|caulk|soak-wood|seal-crack)/,
      laminate: /^(lay-mat|putty-build|lay-mesh)$/,
      coat: /^(throw-sand|dull-bands|draw-coat|skim-face|membrane|mist-coat|enamel-coat|finish-pull|paint-coat|prime-over|wet-ladder|bed-tape)/,
      tape: /^(set-plug|bed-tape|bed-bead|press-mesh|lay-mesh|back-sealant|wet-ladder)/,
      foam: /^(support-shell|back-hole|inject|form-strip)$/,
      rod: /^(back-sealant|fill-joint)$/,
    };
    const wrong = new Set<string>();
    let looked = 0;
    for (const { kind, system, work } of [...everyMethod(), ...everyMethod({}, { position: 'overhead', joint: 'outside' })])
      for (const section of work ? [work.section, ...work.more] : [])
        for (const { id, material } of section.regions) {
          if (found.has(material)) continue;
          looked += 1;
          if (work?.method.steps.some((s) => makes[material]?.test(s.builder)) !== true)
            wrong.add(`${kind}, ${system}: ${id} is ${material}, and no step makes it: ${work?.method.steps.map((s) => s.builder).join(' ') ?? ''}`);
        }
    expect([...wrong]).toEqual([]);
    expect(looked).toBeGreaterThan(400);
  });

  it('of a place overhead hangs: its face below, and says so; of an edge it ends there, with the board that is set', () => {
    let [hung, edges] = [0, 0];
    for (const { kind, system, work } of everyMethod({}, { position: 'overhead' }))
      for (const section of work ? [work.section, ...work.more] : []) {
        const asked = kindOf(kind).asks.some((a) => a.field === 'position' && a.ask === 'choice' && a.options.some((o) => o.value === 'overhead'));
        if (asked && section.view === 'section') {
          hung += 1;
          expect([kind, system, section.faces]).toEqual([kind, system, 'down']);
          expect([kind, system, section.caption.some((part) => typeof part === 'string' && part.includes('as it hangs'))]).toEqual([kind, system, true]);
        }
        const board = section.regions.find((r) => r.id === 'board');
        const set = work?.method.steps.some((s) => s.builder === 'edge-form');
        if (kind === 'broken-edge' && set === true) {
          edges += 1;
          // the board stands right of where the body ends
          expect([system, board !== undefined && Math.min(...board.outline.map(([x]) => x)) >= (section.bodyTo ?? Infinity) - 1e-9]).toEqual([system, true]);
        }
      }
    expect([hung > 20, edges > 3]).toEqual([true, true]);
  });

  it('of a crack in a shell shows its stop holes and its vee, wherever a step makes them, and nowhere else', () => {
    let seen = 0;
    for (const { kind, system, work } of everyMethod()) {
      if (!work) continue;
      const made = work.method.steps.some((s) => s.builder === 'stop-crack');
      const fronts = [work.section, ...work.more].filter((s) => s.view === 'front' && s.regions.some((r) => r.id.startsWith('stop-')));
      expect([kind, system, fronts.length]).toEqual([kind, system, made ? 1 : 0]);
      for (const { regions } of fronts) {
        seen += 1;
        const [vee, holes] = [regions.find((r) => r.id === 'vee'), regions.filter((r) => r.id.startsWith('stop-'))];
        const ends = [Math.min, Math.max].map((of) => of(...(vee?.outline.map(([x]) => x) ?? [])));
        const mid = holes.map((h) => h.outline.reduce((sum, [x]) => sum + x, 0) / h.outline.length);
        expect([kind, system, mid.map((x) => Math.round(x) + 0)]).toEqual([kind, system, ends.map((x) => Math.round(x) + 0)]);
      }
    }
    expect(seen).toBeGreaterThan(3);
  });
});
