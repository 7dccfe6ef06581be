import type { SvgElement } from './svg-tree.js';

/** Properties as they are written, by name. */
export type SvgStyle = Readonly<Record<string, string>>;

/** A selector of one step, with what it says. Later and stronger ones come later. */
export interface StyleRule {
  readonly kind: 'element' | 'class' | 'id';
  readonly name: string;
  readonly style: SvgStyle;
}

const STRENGTH = { element: 0, class: 1, id: 2 };

/** The properties that an element takes over from what it lies in (SVG 2, chapter 6), with what they are when nobody says anything. */
const INHERITED: SvgStyle = {
  fill: 'black',
  'fill-rule': 'nonzero',
  'fill-opacity': '1',
  stroke: 'none',
  'stroke-width': '1',
  'stroke-opacity': '1',
  'stroke-linecap': 'butt',
  'stroke-linejoin': 'miter',
  'stroke-miterlimit': '4',
  'stroke-dasharray': 'none',
  'clip-rule': 'nonzero',
  color: 'black',
  visibility: 'visible',
  'paint-order': 'normal',
  'marker-start': 'none',
  'marker-mid': 'none',
  'marker-end': 'none',
  marker: 'none',
};
/** Those that it has for itself. */
const OWN: SvgStyle = {
  display: 'inline',
  opacity: '1',
  'clip-path': 'none',
  mask: 'none',
  filter: 'none',
  'mix-blend-mode': 'normal',
  transform: '',
  'vector-effect': 'none',
  'stop-color': 'black',
  'stop-opacity': '1',
};

export const NO_STYLE: SvgStyle = { ...INHERITED, ...OWN };

/**
 * Reads a style sheet of CSS as far as drawings have one: lists of selectors of a single element, class or id.
 * @returns null where it has more than that.
 */
export function readStyleSheet(text: string): StyleRule[] | null {
  const plain = text.replace(/\/\*[\s\S]*?\*\//g, '').replace(/<!--|-->/g, '');
  const rules: StyleRule[] = [];
  let rest = plain.trim();
  while (rest !== '') {
    const match = /^([^{}@]+)\{([^{}]*)\}\s*/.exec(rest);
    if (!match) return null;
    const style = readDeclarations(match[2]);
    for (const selector of match[1]!.split(',')) {
      const named = /^(?:svg\s+)?([.#]?)([\w-]+)$/.exec(selector.trim());
      if (!named) return null;
      rules.push({ kind: named[1] === '.' ? 'class' : named[1] === '#' ? 'id' : 'element', name: named[2]!, style });
    }
    rest = rest.slice(match[0].length);
  }
  return rules.toSorted((a, b) => STRENGTH[a.kind] - STRENGTH[b.kind]);
}

/** What stands in a style attribute, or between the braces of a rule. */
function readDeclarations(text: string | undefined): SvgStyle {
  const entries = (text ?? '').split(';').flatMap((part) => {
    const at = part.indexOf(':');
    const [key, value] = [
      part.slice(0, at).trim().toLowerCase(),
      part
        .slice(at + 1)
        .replace(/!important\s*$/, '')
        .trim(),
    ];
    return at > 0 && value !== '' ? [[key, value] as const] : [];
  });
  return Object.fromEntries(entries);
}

/** The style of an element: what its attributes, the sheet and its style attribute say, over what it takes over. */
export function styleOf({ name, attributes }: SvgElement, sheet: readonly StyleRule[], around: SvgStyle): SvgStyle {
  const inherited = Object.fromEntries(Object.keys(INHERITED).map((key) => [key, around[key]!]));
  const style: Record<string, string> = { ...inherited, ...OWN };
  const say = (said: SvgStyle): void => {
    for (const [key, value] of Object.entries(said)) {
      if (!(key in style)) continue;
      style[key] = value === 'inherit' ? around[key]! : value;
    }
  };
  const { transform: _notAStyle, ...presentation } = attributes;
  say(presentation);
  const classes = new Set((attributes['class'] ?? '').split(/\s+/));
  for (const rule of sheet) {
    const isMeant =
      rule.kind === 'element'
        ? rule.name === name
        : rule.kind === 'class'
          ? classes.has(rule.name)
          : rule.name === attributes['id'];
    if (isMeant) say(rule.style);
  }
  say(readDeclarations(attributes['style']));
  return style;
}
