import { readStyleSheet, type StyleRule } from './svg-style.js';
import type { SvgElement } from './svg-tree.js';

/** What parts of a drawing refer to. */
export interface Definitions {
  /** The first element of each id. */
  readonly byId: ReadonlyMap<string, SvgElement>;
  /** What its style sheets say; null where that is more than can be read. */
  readonly sheet: readonly StyleRule[] | null;
}

/** The same where all could be read. */
export type ReadDefinitions = Definitions & { readonly sheet: readonly StyleRule[] };

/** Elements that change nothing that is seen, or are looked into only when something uses them. */
export const UNSEEN: ReadonlySet<string> = new Set([
  ...['defs', 'symbol', 'linearGradient', 'radialGradient', 'clipPath', 'style', 'title', 'desc', 'metadata', 'namedview'],
  ...['script', 'marker', 'pattern', 'mask', 'filter'],
]);

export function definitionsOf(root: SvgElement): Definitions {
  const byId = new Map<string, SvgElement>();
  let css = '';
  const list = (element: SvgElement): void => {
    const { id } = element.attributes;
    if (id && !byId.has(id)) byId.set(id, element);
    if (element.name === 'style') css += `${element.text ?? ''}\n`;
    element.children.forEach(list);
  };
  list(root);
  return { byId, sheet: readStyleSheet(css) };
}

/** What an element names by `href`: `#` and an id, or something outside; empty where it names nothing. */
export function hrefOf({ attributes }: SvgElement): string {
  return attributes['href'] ?? attributes['xlink:href'] ?? '';
}

/** The element of the same drawing that another one names by `href`. */
export function targetOf(element: SvgElement, byId: Definitions['byId']): SvgElement | undefined {
  const href = hrefOf(element);
  return href.startsWith('#') ? byId.get(href.slice(1)) : undefined;
}

/** The id in `url(#id)`, as paints and clips name it; null for anything else. */
export function idInUrl(text: string): string | null {
  return /^url\(\s*["']?#([^"')]+)["']?\s*\)/.exec(text)?.[1] ?? null;
}
