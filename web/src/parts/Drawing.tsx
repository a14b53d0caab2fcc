import type { Figure, Section } from '@oddment/core';
import { night, paper, print, sectionDrawing, sectionIcon, type SvgNode } from '@oddment/drawing';
import { createElement, useId, useMemo, type ReactNode } from 'react';
import { useStore } from '../state/store.ts';
import { useTelling } from './telling.tsx';
import { useOpenWorking } from './Working.tsx';

const camel = (name: string) =>
  name.startsWith('data-') || name.startsWith('aria-') ? name : name.replaceAll(/-([a-z])/g, (_all, letter: string) => letter.toUpperCase());

function element(node: SvgNode | string, key: number, extra: (node: SvgNode) => Record<string, unknown>): ReactNode {
  if (typeof node === 'string') return node;
  const props = Object.fromEntries(Object.entries(node.attrs).map(([name, value]) => [camel(name), value]));
  return createElement(node.tag, { key, ...props, ...extra(node) }, ...node.children.map((child, i) => element(child, i, extra)));
}

/** The section at full size; its dimensions open their working. */
export function SectionPicture({
  section,
  width,
  height,
  forPrint = false,
  bare = false,
}: {
  section: Section;
  width: number;
  height: number;
  forPrint?: boolean;
  bare?: boolean;
}) {
  const telling = useTelling();
  const open = useOpenWorking();
  const dark = useStore((s) => s.view.dark);
  const prefix = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  const tree = useMemo(
    () => sectionDrawing(section, { ...telling, width, height, prefix, bare, rimless: forPrint, palette: forPrint ? print : dark ? night : paper }),
    [section, telling, width, height, prefix, bare, forPrint, dark],
  );
  const figures = useMemo(() => new Map<string, Figure>(section.dimensions.map((d) => [d.figure.id, d.figure])), [section]);
  const extra = (node: SvgNode): Record<string, unknown> => {
    if (node.tag === 'svg') return { role: 'group', 'aria-label': 'Section drawing', preserveAspectRatio: 'xMidYMid meet' };
    const figure = forPrint ? undefined : figures.get(String(node.attrs['data-figure'] ?? ''));
    if (!figure) return {};
    return {
      role: 'button',
      tabIndex: 0,
      'aria-label': `${figure.label}: open the working`,
      style: { cursor: 'pointer' },
      onClick: () => {
        open(figure);
      },
      onKeyDown: (event: { key: string }) => {
        if (event.key === 'Enter') open(figure);
      },
    };
  };
  return element(tree, 0, extra);
}

/** The same section as a small picture. */
export function SectionIcon({ section, width = 40, height = 30 }: { section: Section; width?: number; height?: number }) {
  const dark = useStore((s) => s.view.dark);
  const prefix = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  return element(
    useMemo(() => sectionIcon(section, { width, height, prefix, palette: dark ? night : paper }), [section, width, height, prefix, dark]),
    0,
    () => ({}),
  );
}
