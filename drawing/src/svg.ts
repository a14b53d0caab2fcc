/** One node of an SVG tree: rendered as text for files, as elements in a page. */
export interface SvgNode {
  readonly tag: string;
  readonly attrs: Readonly<Record<string, string | number>>;
  readonly children: readonly (SvgNode | string)[];
}

export function node(tag: string, attrs: Readonly<Record<string, string | number | undefined>> = {}, ...children: readonly (SvgNode | string)[]): SvgNode {
  const given: Record<string, string | number> = {};
  for (const [name, value] of Object.entries(attrs)) if (value !== undefined) given[name] = typeof value === 'number' ? Number(value.toFixed(3)) : value;
  return { tag, attrs: given, children };
}

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}

/** An SVG tree as text. */
export function svgText(root: SvgNode): string {
  const attrs = Object.entries(root.attrs).map(([name, value]) => ` ${name}="${escaped(String(value))}"`).join('');
  if (root.children.length === 0) return `<${root.tag}${attrs}/>`;
  return `<${root.tag}${attrs}>${root.children.map((c) => (typeof c === 'string' ? escaped(c) : svgText(c))).join('')}</${root.tag}>`;
}
