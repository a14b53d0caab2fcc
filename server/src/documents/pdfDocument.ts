import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfmake from 'pdfmake';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';

/** The family that every document is set in. */
export const documentFont = 'Atkinson';
const files = dirname(createRequire(import.meta.url).resolve('@expo-google-fonts/atkinson-hyperlegible-next/package.json'));
const face = (name: string) => join(files, name, `AtkinsonHyperlegibleNext_${name}.ttf`);

// whole fonts that ship with it: no subset, no network, nothing read but these
pdfmake.setFonts({
  [documentFont]: { normal: face('400Regular'), bold: face('700Bold'), italics: face('400Regular_Italic'), bolditalics: face('700Bold_Italic') },
});
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path: string) => path.startsWith(files));

/** Thin rules between the rows of a table. */
export const tableRule = {
  hLineWidth: (i: number) => (i === 0 ? 0 : 0.5),
  vLineWidth: () => 0,
  hLineColor: () => '#999999',
  paddingTop: () => 1,
  paddingBottom: () => 1,
  paddingLeft: () => 0,
  paddingRight: () => 6,
};

/** How closely a part is set: as usual; a little smaller; with its last block on the next page. */
export type Setting = 'usual' | 'small' | 'broken';

/** A part of a document that begins on a page of its own, such as the sheet of a repair. */
export interface Part {
  /** what stands at the foot of each of its pages */
  readonly name: string;
  /** made anew for each setting: what was laid out once cannot be laid out again */
  readonly content: (set: Setting) => readonly Content[];
}

interface Laid {
  readonly positions?: readonly { readonly pageNumber: number; readonly top: number }[];
}

const footPx = 20;
const topPx = 24;
/** a last page that holds less than this is not worth a sheet of paper */
const leastPx = 110;

/** thrown where a document is laid out and is to be set otherwise before it is drawn */
class SetOtherwise extends Error {}

/** so much over one page goes onto it where it is set smaller */
const smallSavesPx = 36;

/** where a part begins, for the page numbers of a contents page */
export const partId = (index: number): string => `part-${String(index)}`;

interface Placed {
  readonly content: Content[];
  readonly first: (i: number) => number;
  /** parts whose last page holds next to nothing, though they have more than one, and how they are set to end otherwise */
  readonly short: () => ReadonlyMap<number, Setting>;
}

function placed(parts: readonly Part[], settings: readonly Setting[]): Placed {
  const marks = parts.map((_part, i): { readonly start: Content & Laid; readonly end: Content & Laid } => ({
    start: { text: ' ', fontSize: 1, lineHeight: 1, id: partId(i), ...(i > 0 && { pageBreak: 'before' as const }) },
    end: { text: ' ', fontSize: 1, lineHeight: 1 },
  }));
  const first = (i: number) => marks[i]?.start.positions?.[0]?.pageNumber ?? 1;
  return {
    content: parts.flatMap((part, i) => {
      const set = settings[i] ?? 'usual';
      const own = [...part.content(set)];
      const mark = marks[i];
      return mark ? [mark.start, set === 'usual' ? own : { stack: own, fontSize: 8 }, mark.end].flat() : [];
    }),
    first,
    short: () =>
      new Map(
        marks.flatMap(({ end }, i) => {
          const at = end.positions?.[0];
          if (!at || at.pageNumber === first(i) || at.top >= topPx + leastPx || settings[i] === 'broken') return [];
          return [[i, settings[i] === 'usual' && at.top < topPx + smallSavesPx ? 'small' : 'broken'] as const];
        }),
      ),
  };
}

/**
 * A document of parts as PDF bytes: each part on pages of its own that say whose they are and which of how many. A part
 * that would end in a few lines on one more page is set closer.
 * @param onDrawn told the share that is drawn
 */
export async function pdfOf(
  title: string,
  parts: readonly Part[],
  onDrawn: (done: number) => void,
  pageOrientation: 'portrait' | 'landscape' = 'portrait',
): Promise<Buffer> {
  let settings: Setting[] = parts.map(() => 'usual');
  for (;;) {
    const { content, first, short } = placed(parts, settings);
    const foot = (page: number, pages: number): Content => {
      const i = parts.reduce((found, _part, at) => (first(at) <= page ? at : found), 0);
      const last = i + 1 < parts.length ? first(i + 1) - 1 : pages;
      return {
        columns: [
          { text: parts[i]?.name ?? '', width: '*' },
          { text: `page ${String(page - first(i) + 1)} of ${String(last - first(i) + 1)}`, width: 'auto', alignment: 'center' },
          { text: parts.length > 1 ? `${String(page)} of ${String(pages)}` : '', width: '*', alignment: 'right' },
        ],
        fontSize: 7.5,
        color: '#444444',
        margin: [30, 3, 30, 0],
      };
    };
    const definition: TDocumentDefinitions = {
      info: { title },
      language: 'en-US',
      pageSize: 'A4',
      pageOrientation,
      pageMargins: [30, topPx, 30, footPx],
      defaultStyle: { font: documentFont, fontSize: 8.5, lineHeight: 1.05 },
      content,
      footer: foot,
    };
    let laidOut = false;
    pdfmake.setProgressCallback((done) => {
      // told for the first time when it is laid out and nothing is drawn yet
      if (!laidOut && short().size > 0) throw new SetOtherwise();
      laidOut = true;
      onDrawn(done);
    });
    try {
      return await pdfmake.createPdf(definition).getBuffer();
    } catch (error) {
      if (!(error instanceof SetOtherwise)) throw error;
      const again = short();
      settings = settings.map((s, i) => again.get(i) ?? s);
    }
  }
}
