/** One node of an SVG tree: rendered as text for files, as elements in a page. */
export interface SvgNode {
  readonly tag: string;
  readonly attrs: Readonly<Record<string, string | number>>;
  readonly children: readonly (SvgNode | string)[];
}

export function node(tag: string, attrs: Readonly<Record<string, string | number | undefined>> = {}, ...children: readonly (SvgNode | string)[]): SvgNode {
  const given: Record<string, string | number> = {};
  for (const name in attrs) {
    const value = attrs[name];
    if (value !== undefined) given[name] = typeof value === 'number' ? Math.round(value * 1000) / 1000 : value;
  }
  return { tag, attrs: given, children };
}

const special = /[&<>"]/;

function escaped(text: string): string {
  if (!special.test(text)) return text;
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}

/** An SVG tree as text. */
export function svgText(root: SvgNode): string {
  let text = `<${root.tag}`;
  for (const name in root.attrs) {
    const value = root.attrs[name];
    text += ` ${name}="${typeof value === 'number' ? String(value) : escaped(value ?? '')}"`;
  }
  if (root.children.length === 0) return `${text}/>`;
  text += '>';
  for (const child of root.children) text += typeof child === 'string' ? escaped(child) : svgText(child);
  return `${text}</${root.tag}>`;
}
