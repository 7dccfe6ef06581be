/** A drawing that somebody might paste or send, and what must come of it. */
export interface HostileDrawing {
  readonly name: string;
  readonly source: string;
  /** Refused as a whole, or taken after cleaning; what is left behind is said. */
  readonly expect: 'refused' | { readonly notUsed: readonly RegExp[] };
}

const SHAPE = '<path d="M0 0H10V10H0Z"/>';
const svg = (inner: string, attributes = ''): string => `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inner}</svg>`;
const cleaned = (name: string, source: string, ...notUsed: RegExp[]): HostileDrawing => ({ name, source, expect: { notUsed } });
const refused = (name: string, source: string): HostileDrawing => ({ name, source, expect: 'refused' });

const lol = Array.from({ length: 9 }, (_, i) => `<!ENTITY l${i + 1} "${`&l${i};`.repeat(10)}">`).join('');

export const HOSTILE_DRAWINGS: readonly HostileDrawing[] = [
  cleaned('a script', svg(`<script>alert(1)</script>${SHAPE}`), /script/),
  cleaned('a script from elsewhere', svg(`<script href="https://example.invalid/x.js"/>${SHAPE}`), /script/),
  cleaned('a script in defs', svg(`<defs><script>alert(1)</script></defs>${SHAPE}`), /script/),
  cleaned('a handler on the root', svg(SHAPE, 'onload="alert(1)"'), /script/),
  cleaned('a handler on a shape', svg('<path onclick="alert(1)" d="M0 0H10V10H0Z"/>'), /script/),
  cleaned('a handler in capitals', svg('<path ONMOUSEOVER="alert(1)" d="M0 0H10V10H0Z"/>'), /script/),
  cleaned('a picture from elsewhere', svg(`<image href="https://example.invalid/track.png"/>${SHAPE}`), /picture/),
  cleaned('a picture as data', svg(`<image href="data:image/png;base64,AAAA"/>${SHAPE}`), /picture/),
  cleaned(
    'foreign markup',
    svg(`<foreignObject><body xmlns="http://www.w3.org/1999/xhtml"><b>hi</b></body></foreignObject>${SHAPE}`),
    /foreign content/,
  ),
  cleaned('a use from elsewhere', svg(`<use href="https://example.invalid/a.svg#x"/>${SHAPE}`), /outside reference/),
  cleaned(
    'a use of a file',
    svg(`<use xlink:href="file:///etc/passwd#x" xmlns:xlink="http://www.w3.org/1999/xlink"/>${SHAPE}`),
    /outside reference/,
  ),
  cleaned('a use of nothing', svg(`<use href="#gone"/>${SHAPE}`), /reference to nothing/),
  cleaned('a use of itself', svg(`<g id="a"><use href="#a"/></g>${SHAPE}`), /runs in a circle/),
  cleaned(
    'two uses of each other',
    svg(`<g id="a"><use href="#b"/></g><g id="b"><use href="#a"/></g>${SHAPE}`),
    /runs in a circle/,
  ),
  cleaned(
    'uses that multiply',
    svg(
      `<defs>${Array.from({ length: 12 }, (_, i) => `<g id="u${i + 1}">${`<use href="#u${i}"/>`.repeat(10)}</g>`).join('')}<g id="u0"/></defs><use href="#u12"/>${SHAPE}`,
    ),
    /runs in a circle/,
  ),
  cleaned('a style sheet that imports', svg(`<style>@import url(https://example.invalid/a.css)</style>${SHAPE}`), /style sheet/),
  cleaned(
    'a style with an address',
    svg('<path style="fill:url(https://example.invalid/a);background:url(x)" d="M0 0H10V10H0Z"/>'),
  ),
  cleaned('text', svg(`<text>Hello</text>${SHAPE}`), /text/),
  cleaned('an animation', svg(`<path d="M0 0H10V10H0Z"><animate attributeName="d" to="M0 0"/></path>`)),
  cleaned('an animation of a link', svg(`<a><set attributeName="href" to="javascript:alert(1)"/>${SHAPE}</a>`), /animation/),
  cleaned('a link with a script', svg(`<a href="javascript:alert(1)">${SHAPE}</a>`)),
  cleaned('markup in a title', svg(`<title>&lt;img src=x onerror=alert(1)&gt;</title>${SHAPE}`)),
  cleaned(
    'a stylesheet instruction',
    `<?xml version="1.0"?><?xml-stylesheet href="https://example.invalid/a.xsl"?>${svg(SHAPE)}`,
  ),
  cleaned(
    'an outside document type',
    `<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://example.invalid/svg11.dtd">${svg(SHAPE)}`,
  ),
  cleaned('a byte order mark', `\uFEFF${svg(SHAPE)}`),
  cleaned('a hidden part', svg(`<path display="none" d="M0 0H99V99Z"/>${SHAPE}`), /hidden part/),
  cleaned('a transform that is none', svg(`<g transform="url(#x)">${SHAPE}</g>${SHAPE}`), /transform/),
  cleaned('a path that breaks off', svg('<path d="M0 0H10V10H0ZL3"/>'), /part of a path/),
  cleaned('numbers beyond all measure', svg(`<path d="M0 0L1e300 0L5 5Z"/>${SHAPE}`), /part of a path/),
  cleaned('a circle without end', svg(`<circle r="Infinity"/>${SHAPE}`)),
  cleaned('a negative radius', svg(`<circle r="-5"/>${SHAPE}`)),
  cleaned('points that are none', svg(`<polygon points="0,0 NaN,1 5"/>${SHAPE}`), /part of a path/),
  cleaned('names of the prototype', svg(`<path __proto__="x" constructor="y" d="M0 0H10V10H0Z"/>`)),
  refused('entities that multiply', `<!DOCTYPE svg [<!ENTITY l0 "lol">${lol}]>${svg('<path d="&l9;"/>')}`),
  refused('an entity from a file', `<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>${svg('<text>&x;</text>')}`),
  refused('an entity from elsewhere', `<!DOCTYPE svg [<!ENTITY x SYSTEM "https://example.invalid/x">]>${svg('<path d="&x;"/>')}`),
  refused('tags that do not close', '<svg><g><path d="M0 0H10V10Z">'),
  refused('tags that cross', '<svg><g><a></g></a></svg>'),
  refused('a web page', '<!DOCTYPE html><html><body><script>alert(1)</script></body></html>'),
  refused('markup that is no drawing', '<img src=x onerror=alert(1)>'),
  refused('only a script', svg('<script>alert(1)</script>')),
  refused('nothing', '   \n '),
  refused('an empty drawing', svg('')),
  refused('only a stroke of no area', svg('<path d="M0 0L10 10"/>')),
  refused('bytes of a picture', '\u0089PNG\r\n\u001a\n\u0000\u0000\u0000\rIHDR'),
  refused('a script address', 'javascript:alert(1)'),
  refused('nested without end', '<svg>' + '<g>'.repeat(5000) + '</g>'.repeat(5000) + '</svg>'),
  refused('elements without end', svg('<g/>'.repeat(30_000))),
  refused('a path without end', svg(`<path d="M0 0${'L1 1L2 0'.repeat(60_000)}Z"/>`)),
  refused('an attribute without end', svg(`<path d="M0 0${' '.repeat(4_100_000)}"/>`)),
  refused('brackets without end', svg(`<g transform="${'('.repeat(50_000)}"/>`)),
  refused('control characters', `<svg>\u0000${SHAPE}</svg>`),
  refused('attributes twice', '<svg><path d="M0 0H9V9Z" d="M1 1"/></svg>'),
];
