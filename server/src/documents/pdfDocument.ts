import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';

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

/**
 * A document as PDF bytes.
 * @param onDrawn told the share that is drawn
 */
export function pdfOf(
  title: string,
  content: TDocumentDefinitions['content'],
  onDrawn: (done: number) => void,
  pageOrientation: 'portrait' | 'landscape' = 'portrait',
): Promise<Buffer> {
  const definition: TDocumentDefinitions = {
    info: { title },
    language: 'en-US',
    pageSize: 'A4',
    pageOrientation,
    pageMargins: [30, 24, 30, 20],
    defaultStyle: { font: documentFont, fontSize: 8.5, lineHeight: 1.05 },
    content,
  };
  pdfmake.setProgressCallback(onDrawn);
  return pdfmake.createPdf(definition).getBuffer();
}
