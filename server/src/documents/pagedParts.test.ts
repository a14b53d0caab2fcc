import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { pdfOf, partId, type Part, type Setting } from './pdfDocument.ts';

interface Page {
  readonly text: string;
  readonly lines: number;
}

async function pagesOf(pdf: Buffer): Promise<Page[]> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: document.numPages }, async (_page, n) => {
      const { items } = await (await document.getPage(n + 1)).getTextContent();
      const told = items.flatMap((item) => ('str' in item && item.str.trim() !== '' ? [item] : []));
      return {
        text: told
          .map((item) => item.str)
          .join(' ')
          .replaceAll(/\s+/g, ' '),
        // without the foot
        lines: new Set(told.map((item) => Math.round((item.transform as number[])[5] ?? 0)).values()).size - 1,
      };
    }),
  );
}

const lines = (count: number, words: string) => Array.from({ length: count }, (_line, i) => `${words} ${String(i + 1)}`);

/** A part of so many lines, the last ten of them a block that may go on a page of its own. */
function part(name: string, count: number, sets: Setting[] = []): Part {
  return {
    name,
    content: (set) => {
      sets.push(set);
      const block = { stack: lines(10, `${name} block`), ...(set === 'broken' && { pageBreak: 'before' as const }) };
      return [...lines(count - 10, name), block];
    },
  };
}

describe('a document of parts', () => {
  it('says on each page whose it is, and which of how many', async () => {
    const pages = await pagesOf(await pdfOf('t', [part('PS-01', 160), part('PS-02', 20)], () => undefined));
    expect(pages).toHaveLength(4);
    for (const [i, words] of ['PS-01 page 1 of 3 1 of 4', 'PS-01 page 2 of 3 2 of 4', 'PS-01 page 3 of 3 3 of 4', 'PS-02 page 1 of 1 4 of 4'].entries())
      expect(pages[i]?.text).toContain(words);
  });

  it('leads to the page of each part, also where another one became longer', async () => {
    const contents: Part = {
      name: 'contents',
      content: () => [0, 1, 2].map((i) => ({ text: ['at ', { pageReference: partId(i + 1) }] })),
    };
    const pages = await pagesOf(await pdfOf('t', [contents, part('A', 75), part('B', 20), part('C', 20)], () => undefined));
    const at = pages[0]?.text.match(/at \d+/g)?.map((w) => Number(w.slice(3)));
    expect(at).toEqual([2, pages.findIndex((p) => p.text.startsWith('B ')) + 1, pages.findIndex((p) => p.text.startsWith('C ')) + 1]);
  });

  it('has no last page of a few lines, however many there are', async () => {
    for (let count = 60; count <= 100; count += 2) {
      const pages = await pagesOf(await pdfOf('t', [part('PS-01', count)], () => undefined));
      const last = pages[pages.length - 1];
      expect(last?.lines, `${String(count)} lines`).toBeGreaterThanOrEqual(9);
      expect(pages.length).toBeLessThanOrEqual(2);
    }
  });

  it('sets a part smaller where that puts it on one page, and only that part', async () => {
    const onOnePage: Setting[][] = [];
    for (let count = 60; count <= 90; count++) {
      const sets: Setting[] = [];
      const others: Setting[] = [];
      const pages = await pagesOf(await pdfOf('t', [part('A', count, sets), part('B', 20, others)], () => undefined));
      expect(new Set(others)).toEqual(new Set(['usual']));
      if (pages.length === 2) onOnePage.push(sets);
    }
    expect(onOnePage[0]).toEqual(['usual']);
    expect(onOnePage[onOnePage.length - 1]).toEqual(['usual', 'small']);
  });

  it('tells how far it is from the first page that is drawn on, and ends with all of it', async () => {
    const told: number[] = [];
    await pdfOf('t', [part('A', 78), part('B', 20)], (done) => told.push(done));
    expect([...told].sort((a, b) => a - b)).toEqual(told);
    expect(told[told.length - 1]).toBe(1);
  });
});
