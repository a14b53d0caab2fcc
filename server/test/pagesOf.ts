import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The words of a PDF, page by page. */
export async function pagesOf(pdf: Buffer): Promise<string[]> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: document.numPages }, async (_v, i) => {
      const { items } = await (await document.getPage(i + 1)).getTextContent();
      return items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ')
        .replaceAll(/\s+/g, ' ');
    }),
  );
}
