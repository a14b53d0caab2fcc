import { auxiliaries, genericShelf, shelfLimits, usualFigures } from '@oddment/core';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it, vi } from 'vitest';

vi.mock('../state/store.ts', () => ({ useStore: (select: (state: unknown) => unknown) => select({ view: { units: 'us' } }) }));

const { NotFollowed, ShelfFigures } = await import('./ShelfFigures.tsx');
const plain = (markup: string) =>
  markup
    .replaceAll(/<[^>]*>/g, ' ')
    .replaceAll('&#x27;', "'")
    .replaceAll('&amp;', '&');

describe('the figures of a system on the Shelf', () => {
  it('stand there all, each with its source, for every system and what goes with it', () => {
    for (const system of [...genericShelf, ...auxiliaries, ...usualFigures]) {
      const page = plain(renderToStaticMarkup(createElement(ShelfFigures, { system })));
      for (const limit of shelfLimits([system])) {
        expect(page).toContain(limit.label);
        expect(page).toContain(limit.source);
      }
    }
  });
});

describe('what a product brings that nothing follows', () => {
  const product = { id: 'p-1', title: 'Own', sheet: 'made up', packs: [] };
  const page = (basedOn: string, figures: Readonly<Record<string, number>>) =>
    plain(renderToStaticMarkup(createElement(NotFollowed, { product: { ...product, basedOn, figures } })));

  it('is said for an unknown figure and for a copy of an unknown system, and nothing else is', () => {
    expect(page('polymer-mortar-2k', { 'lift/ceiling': 12, 'lift/floor': 33 })).toContain("'lift/ceiling', 12: kept");
    expect(page('polymer-mortar-2k', { 'lift/ceiling': 12, 'lift/floor': 33 })).not.toContain('lift/floor');
    expect(page('gone', {})).toContain("It is a copy of 'gone', which this version does not know");
    expect(page('polymer-mortar-2k', { 'lift/floor': 33 })).toBe('');
    expect(renderToStaticMarkup(createElement(NotFollowed, { product: undefined }))).toBe('');
  });
});
