import { addKind, kindOf, relevantAsks, type Kind } from '@oddment/core';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { beforeAll, describe, expect, it, vi } from 'vitest';

const at = '2026-06-01T12:00:00Z';

/** A kind that ships with nothing, with one question of every sort. */
const sail: Kind = {
  id: 'sail-tear',
  surface: 'timber',
  title: 'tear in a sail',
  asks: [
    { field: 'tearMm', group: 'Size', ask: 'measure', kind: 'length', min: 10, max: 9000, required: true, question: 'Length of the tear' },
    {
      field: 'seam',
      group: 'Size',
      ask: 'choice',
      required: true,
      question: 'Does it cross a seam?',
      options: [
        { value: 'no', label: 'clear of it' },
        { value: 'yes', label: 'across it' },
      ],
    },
    { field: 'fray', group: 'Size', ask: 'stations', min: 0.1, max: 50, required: false, question: 'Fraying along it' },
    { field: 'patch', group: 'Size', ask: 'outline', min: 5, max: 3000, required: false, question: 'The patch', when: [{ field: 'seam', is: ['yes'] }] },
    { field: 'sag', group: 'Size', ask: 'depth-grid', max: 200, required: false, question: 'Sag on a grid' },
    { field: 'thin', group: 'Size', ask: 'tapping', required: false, question: 'Thin and sound cells' },
    { field: 'words', group: 'Size', ask: 'text', most: 40, required: false, question: 'What is it called?' },
  ],
  survey: () => ({ size: [], measured: [] }),
};

describe('the form of a kind that exists only here', () => {
  let form: (facts: Readonly<Record<string, unknown>>) => string;
  beforeAll(async () => {
    vi.stubGlobal('matchMedia', () => ({ matches: false }));
    vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined });
    const [{ AskField }, { store }, { Provider }] = await Promise.all([import('./AskField.tsx'), import('../state/store.ts'), import('react-redux')]);
    form = (answers) => {
      const facts = Object.fromEntries(Object.entries(answers).map(([field, value]) => [field, { value, how: 'measured' as const, at }]));
      const fields = relevantAsks(kindOf('sail-tear'), facts).map((ask) =>
        createElement(AskField, {
          key: ask.field,
          ask,
          fact: facts[ask.field],
          fieldKey: `d/${ask.field}`,
          units: 'metric',
          runMm: undefined,
          problem: undefined,
          onAnswer: () => undefined,
          onEmpty: () => undefined,
        }),
      );
      return renderToStaticMarkup(createElement(Provider, { store, children: createElement('div', null, fields) }));
    };
  });

  it('asks every question that is asked, each with its own editor', () => {
    const gone = addKind(sail);
    const page = form({ seam: 'yes' });
    for (const { question } of sail.asks) expect(page).toContain(question);
    for (const editor of ['across it', 'Add a width', 'How it is given', 'Depth, row 1, column 1', 'Row 1, column 1: not tapped'])
      expect(page).toContain(editor);
    expect(form({ seam: 'no' })).not.toContain('The patch');
    gone();
  });

  it('shows what was answered', () => {
    const gone = addKind(sail);
    const page = form({ tearMm: 420, seam: 'yes', patch: { shape: { is: 'rectangle', widthMm: 60, heightMm: 40 } }, thin: { cellMm: 100, rows: ['hs'] } });
    for (const shown of ['value="0.42"', '60 mm by 40 mm', 'Row 1, column 1: hollow', 'Row 1, column 2: sound']) expect(page).toContain(shown);
    gone();
  });
});
