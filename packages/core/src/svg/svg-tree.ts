import { SaxesParser } from 'saxes';

/** An element of an SVG drawing; names without their prefix. */
export interface SvgElement {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: readonly SvgElement[];
  /** Of style sheets only. */
  readonly text?: string;
}

/** Larger, deeper or fuller drawings are refused before anything is made of them. */
const SVG_LIMITS = { characters: 4_000_000, elements: 20_000, depth: 64 } as const;

/**
 * Reads XML into elements. Nothing is fetched, no entity of the document's own is expanded, and text is thrown away but for style sheets.
 * @throws RangeError with a sentence for people when it is no well-formed XML, or beyond the limits.
 */
export function readSvgTree(source: string): SvgElement {
  if (source.length > SVG_LIMITS.characters) throw new RangeError('The drawing is larger than 4 MB.');
  const parser = new SaxesParser({ xmlns: false, position: true });
  const stack: { name: string; attributes: Record<string, string>; children: SvgElement[]; text?: string }[] = [];
  let root: SvgElement | undefined;
  let count = 0;
  parser.on('error', (error) => {
    const place = `line ${parser.line}`;
    throw new RangeError(
      `The drawing is no well-formed SVG: ${error.message.replace(/^\d+:\d+: /, '').replace(/\.$/, '')} (${place}).`,
    );
  });
  parser.on('opentag', (tag) => {
    if (++count > SVG_LIMITS.elements) throw new RangeError(`The drawing has more than ${SVG_LIMITS.elements} elements.`);
    if (stack.length >= SVG_LIMITS.depth) throw new RangeError(`The drawing is nested deeper than ${SVG_LIMITS.depth} levels.`);
    const attributes: Record<string, string> = Object.create(null) as Record<string, string>;
    for (const [name, value] of Object.entries(tag.attributes)) attributes[name] = value;
    const element = { name: tag.name.replace(/^.*:/, ''), attributes, children: [] };
    stack.at(-1)?.children.push(element);
    root ??= element;
    stack.push(element);
  });
  const read = (text: string): void => {
    const element = stack.at(-1);
    if (element?.name === 'style') element.text = (element.text ?? '') + text;
  };
  parser.on('text', read);
  parser.on('cdata', read);
  parser.on('closetag', () => void stack.pop());
  parser.write(source).close();
  if (!root) throw new RangeError('There is no drawing in it.');
  return root;
}
