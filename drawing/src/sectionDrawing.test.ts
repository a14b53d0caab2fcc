import { planRepair, show, workOf, type Section, type UnitSystem } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { crackSettings, planInput, type Setting } from '../../core/test/cracks.ts';
import fc from 'fast-check';
import { paper, print } from './palette.ts';
import { sectionDrawing, sectionIcon } from './sectionDrawing.ts';
import { svgText, type SvgNode } from './svg.ts';

const options = { units: 'metric' as UnitSystem, timeZone: 'UTC', width: 640, height: 440, palette: paper, prefix: 't' };

function sectionOf(setting: Setting): Section {
  const plan = planRepair(planInput(setting));
  const work = workOf(plan);
  // the groove where there is one, else the crack as it was found
  const section = work?.candidate.system.id === 'rapid-crack-resin' ? work.section : plan.state === 'planned' ? plan.section : undefined;
  if (!section) throw new Error('incomplete');
  return section;
}

function nodes(root: SvgNode): SvgNode[] {
  return [root, ...root.children.flatMap((c) => (typeof c === 'string' ? [] : nodes(c)))];
}
const textOf = (node: SvgNode): string => node.children.map((c) => (typeof c === 'string' ? c : textOf(c))).join('');

/** Looks at the number of each dimension along an axis, over many cracks and two sizes, with the edges of the body. */
function overNumbers(along: 'x' | 'y', look: (d: Section['dimensions'][number], text: SvgNode, body: { left: number; right: number }) => void): void {
  let looked = 0;
  fc.assert(
    fc.property(crackSettings, fc.constantFrom({ width: 640, height: 440 }, { width: 720, height: 286 }), (setting, size) => {
      const section = sectionOf(setting);
      const all = nodes(sectionDrawing(section, { ...options, ...size }));
      const outline = all.find((n) => n.attrs['data-region'] === section.regions[0]?.id)?.attrs['d'];
      const xs = [...String(outline).matchAll(/[ML](-?[\d.]+) /g)].map((m) => Number(m[1]));
      for (const d of section.dimensions.filter((one) => one.along === along)) {
        const text = all.find((n) => n.tag === 'text' && n.attrs['data-dimension'] === d.id);
        if (!text) continue;
        looked += 1;
        look(d, text, { left: Math.min(...xs), right: Math.max(...xs) });
      }
    }),
    { numRuns: 60 },
  );
  expect(looked).toBeGreaterThan(20);
}

describe('sectionDrawing', () => {
  it('writes on each dimension exactly its figure, in either units', () => {
    fc.assert(
      fc.property(crackSettings, fc.constantFrom<UnitSystem>('metric', 'us'), (setting, units) => {
        const section = sectionOf(setting);
        const drawn = nodes(sectionDrawing(section, { ...options, units })).filter((n) => n.attrs['data-dimension'] !== undefined);
        const ids = drawn.map((n) => n.attrs['data-dimension']);
        // lifts too thin for their figure go without it; nothing else does
        expect(section.dimensions.filter((d) => !d.id.startsWith('lift') && !ids.includes(d.id))).toEqual([]);
        for (const d of section.dimensions.filter((one) => ids.includes(one.id))) {
          const text = drawn.find((n) => n.attrs['data-dimension'] === d.id);
          expect(text && textOf(text)).toBe(show(d.figure, units).text);
          expect(text?.attrs['data-figure']).toBe(d.figure.id);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('keeps the number of a depth off the left edge of the body: beside its line or outside with it', () => {
    overNumbers('y', (d, text, { left }) => {
      if (d.side !== 'left') return;
      const end = Number(text.attrs['x']);
      const start = end - 9 * textOf(text).length;
      expect([d.id, start < left && end > left + 1]).toEqual([d.id, false]);
    });
  });

  it('keeps the number of a width off the right edge of the body', () => {
    overNumbers('x', (d, text, { right }) => {
      if (text.attrs['text-anchor'] === 'middle') return;
      const [at, wide] = [Number(text.attrs['x']), 8 * textOf(text).length];
      const [start, end] = text.attrs['text-anchor'] === 'end' ? [at - wide, at] : [at, at + wide];
      expect([d.id, start < right - 1 && end > right + 1]).toEqual([d.id, false]);
    });
  });

  it('draws every region of the section, each lift with its number, the grind line and a scale bar', () => {
    const section = sectionOf({ answers: { traffic: 'hard-wheels' } });
    const all = nodes(sectionDrawing(section, options));
    expect(all.map((n) => n.attrs['data-region']).filter((id) => id !== undefined)).toEqual(section.regions.map((r) => r.id));
    expect(all.filter((n) => n.tag === 'text').map(textOf)).toEqual(expect.arrayContaining(['1', '2']));
    expect(all.some((n) => n.attrs['data-line'] === 'grind')).toBe(true);
    expect(all.some((n) => n.attrs['data-part'] === 'scale')).toBe(true);
  });

  it('is to scale: what is twice as deep in the section is twice as deep on the sheet', () => {
    const section = sectionOf({ answers: { traffic: 'hard-wheels' } });
    const lift = nodes(sectionDrawing(section, options)).find((n) => n.attrs['data-region'] === 'lift-1');
    const points = [...String(lift?.attrs['d']).matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])] as const);
    const span = (i: 0 | 1) => Math.max(...points.map((p) => p[i])) - Math.min(...points.map((p) => p[i]));
    const outline = section.regions.find((r) => r.id === 'lift-1')?.outline ?? [];
    const real = (i: 0 | 1) => Math.max(...outline.map((p) => p[i])) - Math.min(...outline.map((p) => p[i]));
    expect(span(0) / span(1)).toBeCloseTo(real(0) / real(1), 2);
  });

  it('says that thin layers are drawn thicker, and how much of the slab is drawn', () => {
    const lines = nodes(sectionDrawing(sectionOf({ answers: { traffic: 'hard-wheels' } }), options)).filter((n) => n.tag === 'text');
    const text = lines.map(textOf).join(' ');
    expect(text).toContain('film of resin drawn thicker than it is');
    expect(text).toContain('slab 120 mm');
  });

  it('leaves notes and lift dimensions out of the bare one', () => {
    const bare = nodes(sectionDrawing(sectionOf({}), { ...options, bare: true }));
    expect(bare.some((n) => n.attrs['data-note'] !== undefined)).toBe(false);
    expect(bare.filter((n) => n.attrs['data-dimension'] !== undefined).map((n) => n.attrs['data-dimension'])).toEqual(['width', 'depth']);
  });

  it('keeps notes in their column: long ones on lines of their own, none on top of another', () => {
    const section = sectionOf({});
    const long = {
      ...section,
      notes: Array.from({ length: 5 }, (_n, i) => ({
        id: `n${String(i)}`,
        at: [0, i] as const,
        title: ['a title of many words that no column takes'],
        detail: ['and what it says is longer still than its title was'],
      })),
    };
    const words = nodes(sectionDrawing(long, { ...options, height: 600 }))
      .filter((n) => n.attrs['data-note'] !== undefined)
      .flatMap((n) => nodes(n).filter((t) => t.tag === 'text'));
    expect(words).toHaveLength(20);
    for (const t of words) expect(textOf(t).length).toBeLessThanOrEqual(30);
    const heights = words.map((t) => Number(t.attrs['y']));
    heights.forEach((y, i) => {
      if (i > 0) expect(y - (heights[i - 1] ?? 0)).toBeGreaterThan(16.9);
    });
  });

  it('prints in black and white', () => {
    const colors = [...svgText(sectionDrawing(sectionOf({}), { ...options, palette: print })).matchAll(/#([0-9a-f]{6})/g)].map((m) => m[1] ?? '');
    expect(colors.length).toBeGreaterThan(10);
    for (const c of colors) expect(new Set([c.slice(0, 2), c.slice(2, 4), c.slice(4)]).size).toBe(1);
  });

  it('draws a held crack as found', () => {
    const section = sectionOf({ answers: { ground: 'rocks' } });
    expect(nodes(sectionDrawing(section, options)).some((n) => String(n.attrs['data-region']).startsWith('lift'))).toBe(false);
  });

  it('keeps every coordinate finite, whatever the crack', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        expect(svgText(sectionDrawing(sectionOf(setting), options))).not.toMatch(/NaN|Infinity/);
      }),
      { numRuns: 40 },
    );
  });
});

describe('sectionIcon', () => {
  it('is the same section without words', () => {
    const section = sectionOf({});
    const icon = nodes(sectionIcon(section, { width: 40, height: 30, palette: paper, prefix: 'i' }));
    expect(icon.some((n) => n.tag === 'text')).toBe(false);
    expect(icon.filter((n) => n.attrs['data-region'] !== undefined)).toHaveLength(section.regions.length);
  });
});

describe('svgText', () => {
  it('escapes what would break it', () => {
    expect(svgText({ tag: 'text', attrs: { title: 'a"b<c' }, children: ['1 < 2 & 3'] })).toBe('<text title="a&quot;b&lt;c">1 &lt; 2 &amp; 3</text>');
  });
});
