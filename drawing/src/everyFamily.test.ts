import { show, type Section, type UnitSystem } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { everyMethod } from '../../core/test/everyMethod.ts';
import { night, paper, print } from './palette.ts';
import { notesHeight } from './notes.ts';
import { sectionDrawing, sectionIcon } from './sectionDrawing.ts';
import { svgText, type SvgNode } from './svg.ts';
import { textWidth } from './textWidth.ts';

const options = { units: 'metric' as UnitSystem, timeZone: 'UTC', width: 640, height: 430, palette: paper, prefix: 'f' };
const nodes = (root: SvgNode): SvgNode[] => [root, ...root.children.flatMap((c) => (typeof c === 'string' ? [] : nodes(c)))];
const textOf = (node: SvgNode): string => node.children.map((c) => (typeof c === 'string' ? c : textOf(c))).join('');

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Where words stand. @param rise how high over their line, as a share of their size: that of figures, or of letters */
function boxOf(n: SvgNode, rise = 0.72): Box {
  const [x, y, high] = ['x', 'y', 'font-size'].map((name) => Number(n.attrs[name])) as [number, number, number];
  const wide = textWidth(textOf(n), high, n.attrs['font-weight'] === 700);
  const left = n.attrs['text-anchor'] === 'end' ? x - wide : n.attrs['text-anchor'] === 'middle' ? x - wide / 2 : x;
  return { left, right: left + wide, top: y - high * rise, bottom: y };
}

type Piece = readonly [x0: number, y0: number, x1: number, y1: number];

/** The straight pieces of a path. */
function pieces(d: string): readonly Piece[] {
  const out: Piece[] = [];
  let [x, y] = [0, 0];
  for (const [, command = '', rest = ''] of d.matchAll(/([MLHV])([^MLHVZ]*)/g)) {
    const [a = 0, b = 0] = rest.trim().split(/[ ,]+/).map(Number);
    const next: readonly [number, number] = command === 'H' ? [a, y] : command === 'V' ? [x, a] : [a, b];
    if (command !== 'M') out.push([x, y, ...next]);
    [x, y] = next;
  }
  return out;
}

/** Whether a straight piece runs through a box, a px within its edges. */
function crosses([x0, y0, x1, y1]: Piece, { left, right, top, bottom }: Box): boolean {
  const steps = Math.max(1, Math.ceil(Math.hypot(x1 - x0, y1 - y0) / 2));
  return Array.from({ length: steps + 1 }, (_v, i) => i / steps).some((share) => {
    const [x, y] = [x0 + (x1 - x0) * share, y0 + (y1 - y0) * share];
    return x > left + 1 && x < right - 1 && y > top + 1 && y < bottom - 1;
  });
}

/** Every drawing of every method, with whose it is. */
const drawings: readonly (readonly [of: string, section: Section])[] = everyMethod().flatMap(({ kind, system, work }) =>
  work ? [work.section, ...work.more].map((s, i) => [`${kind}, ${system}, ${String(i + 1)}`, s] as const) : [],
);

describe('the drawings of every family', () => {
  it('are there', () => {
    expect(drawings.length).toBeGreaterThan(120);
  });

  it('have only numbers that are numbers, in either units and every palette', () => {
    for (const [of, section] of drawings) {
      for (const [units, palette] of [
        ['metric', paper],
        ['us', night],
        ['metric', print],
      ] as const) {
        const text = svgText(sectionDrawing(section, { ...options, units, palette }));
        expect([of, /NaN|Infinity|undefined|null/.exec(text)?.[0]]).toEqual([of, undefined]);
      }
    }
  });

  it('draw every region once, filled by a hatching that is there or by a plain color', () => {
    for (const [of, section] of drawings) {
      const all = nodes(sectionDrawing(section, options));
      const hatchings = new Set(all.filter((n) => n.tag === 'pattern').map((n) => `url(#${String(n.attrs['id'])})`));
      const regions = all.filter((n) => n.attrs['data-region'] !== undefined);
      expect([of, regions.map((n) => n.attrs['data-region'])]).toEqual([of, section.regions.map((r) => r.id)]);
      for (const fill of regions.map((n) => String(n.attrs['fill'])))
        expect([of, fill, fill.startsWith('url(') ? hatchings.has(fill) : /^#|^rgb/.test(fill)]).toEqual([of, fill, true]);
    }
  });

  it('write exactly the figure on each dimension', () => {
    let looked = 0;
    for (const [of, section] of drawings) {
      for (const n of nodes(sectionDrawing(section, options)).filter((one) => one.attrs['data-dimension'] !== undefined)) {
        const dimension = section.dimensions.find((d) => d.id === n.attrs['data-dimension']);
        expect([of, textOf(n)]).toEqual([of, dimension ? show(dimension.figure, 'metric').text : '']);
        looked += 1;
      }
    }
    expect(looked).toBeGreaterThan(150);
  });

  it('keep their notes within the height of the drawing, none on top of another', () => {
    for (const [of, section] of drawings) {
      const heights = nodes(sectionDrawing(section, options))
        .filter((n) => n.attrs['data-note'] !== undefined)
        .map((n) =>
          nodes(n)
            .filter((t) => t.tag === 'text')
            .map((t) => Number(t.attrs['y'])),
        );
      const flat = heights.flat();
      expect([of, flat.every((y) => y > 0 && y < options.height)]).toEqual([of, true]);
      flat.forEach((y, i) => {
        if (i > 0) expect([of, y - (flat[i - 1] ?? 0) > 16.9]).toEqual([of, true]);
      });
    }
  });

  it('write nothing over anything else, nor over the edge, in the widest of the usual fonts', () => {
    const hung = everyMethod({}, { position: 'overhead' }).flatMap(({ kind, system, work }) =>
      work ? [[`${kind}, ${system}, overhead`, work.section] as const] : [],
    );
    let looked = 0;
    const wrong = new Set<string>();
    for (const [of, section] of [...drawings, ...hung])
      for (const [units, dense] of [
        ['metric', false],
        ['us', false],
        ['metric', true],
        ['us', true],
      ] as const) {
        // on a screen, and across a page as high as its notes take
        const wide = { ...options, units, width: 720, dense };
        const size = dense ? { ...wide, height: Math.max(150, notesHeight(section.notes, wide)) } : { ...options, units };
        const boxes = nodes(sectionDrawing(section, size))
          .filter((n) => n.tag === 'text' && textOf(n) !== '' && n.attrs['font-size'] !== undefined)
          .map((n) => ({ words: textOf(n), ...boxOf(n, 0.75) }));
        boxes.forEach((a, i) => {
          looked += 1;
          if (a.left < -1 || a.right > size.width + 1 || a.top < 0 || a.bottom > size.height) wrong.add(`${of}: '${a.words}' leaves the drawing`);
          for (const b of boxes.slice(i + 1))
            if (a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom) wrong.add(`${of}: '${a.words}' stands on '${b.words}'`);
        });
      }
    expect(looked).toBeGreaterThan(3000);
    expect([...wrong]).toEqual([]);
  });

  it('draw no line, slash or number of a lift through the number of a dimension', () => {
    let looked = 0;
    const wrong = new Set<string>();
    for (const [of, section] of drawings)
      for (const units of ['metric', 'us'] as const) {
        const all = nodes(sectionDrawing(section, { ...options, units }));
        const lines = all
          .filter((n) => n.tag === 'path' && n.attrs['data-region'] === undefined && Number(n.attrs['stroke-width']) <= 2)
          .flatMap((n) => pieces(String(n.attrs['d'])));
        const rounds = all.filter((n) => n.tag === 'circle' && Number(n.attrs['r']) > 4);
        for (const n of all.filter((one) => one.attrs['data-dimension'] !== undefined)) {
          const box = boxOf(n);
          looked += 1;
          if (lines.some((piece) => crosses(piece, box))) wrong.add(`${of}, ${units}: a line through '${textOf(n)}'`);
          for (const c of rounds) {
            const [x, y, r] = ['cx', 'cy', 'r'].map((name) => Number(c.attrs[name])) as [number, number, number];
            if (x + r > box.left && x - r < box.right && y + r > box.top && y - r < box.bottom) wrong.add(`${of}, ${units}: a lift's number on '${textOf(n)}'`);
          }
        }
      }
    expect(looked).toBeGreaterThan(500);
    expect([...wrong]).toEqual([]);
  });

  it('say how they are drawn, and have a scale', () => {
    for (const [of, section] of drawings) {
      const words = textOf(sectionDrawing(section, options));
      expect([of, /scale|times|drawn/.test(words)]).toEqual([of, true]);
      expect([of, /\d+ mm|\d m/.test(words)]).toEqual([of, true]);
    }
  });

  it('are icons without words', () => {
    for (const [of, section] of drawings) {
      const icon = sectionIcon(section, { width: 40, height: 30, palette: paper, prefix: 'i' });
      expect([of, textOf(icon)]).toEqual([of, '']);
      expect([of, nodes(icon).filter((n) => n.attrs['data-region'] !== undefined).length]).toEqual([of, section.regions.length]);
    }
  });
});
