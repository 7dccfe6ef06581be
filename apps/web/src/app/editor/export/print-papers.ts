import type { Paper, PaperPlace } from '@kadrosyn/core';

const SVG = 'http://www.w3.org/2000/svg';
/** Lines where paper is cut and folded, mm. */
const LINE_WIDTH = 0.1;

/**
 * Has the browser print papers in their true size, one on each page.
 * @param addresses - of the pictures of the sheets, by their index
 * @param nonce - of the styles that the page lets in; null where it lets in any
 * @returns once the browser's own dialog has been answered
 * @throws DOMException where a picture can not be read
 */
export async function printPapers(papers: readonly Paper[], addresses: readonly string[], nonce: string | null): Promise<void> {
  const frame = document.createElement('iframe');
  frame.title = 'What is printed';
  frame.setAttribute('aria-hidden', 'true');
  // A frame that is not displayed is not printed.
  Object.assign(frame.style, { position: 'fixed', left: '-200vw', width: '100vw', height: '100vh', border: '0' });
  const focused = document.activeElement;
  document.body.append(frame);
  try {
    const { contentWindow: view, contentDocument: page } = frame;
    if (!view || !page) throw new Error('A frame has no page');
    page.head.append(styleFor(papers, nonce, page));
    page.body.append(...papers.map((paper, index) => pageOf(paper, index, addresses, page)));
    await Promise.all([...page.images].map((image) => image.decode()));
    const answered = new Promise((resolve) => view.addEventListener('afterprint', resolve, { once: true }));
    view.focus();
    view.print();
    await answered;
  } finally {
    frame.remove();
    // It went into the frame.
    if (focused instanceof HTMLElement) focused.focus();
  }
}

/** Each paper has a page of its own size, without the margins that browsers leave. */
function styleFor(papers: readonly Paper[], nonce: string | null, page: Document): HTMLStyleElement {
  const style = page.createElement('style');
  if (nonce !== null) style.nonce = nonce;
  const sizes = papers.map(({ width, height }, index) => {
    const size = `${width}mm ${height}mm`;
    return `@page paper${index} { size: ${size}; margin: 0; } #paper${index} { page: paper${index}; }`;
  });
  style.textContent = `
    body { margin: 0; }
    section { position: relative; overflow: hidden; break-after: page; }
    section:last-of-type { break-after: auto; }
    img, svg { position: absolute; }
    ${sizes.join('\n')}`;
  return style;
}

function pageOf(paper: Paper, index: number, addresses: readonly string[], page: Document): HTMLElement {
  const section = page.createElement('section');
  section.id = `paper${index}`;
  section.style.width = `${paper.width}mm`;
  section.style.height = `${paper.height}mm`;
  section.append(...paper.places.map((place) => pictureOf(place, addresses, page)));
  if (paper.lines.length > 0) section.append(linesOf(paper, page));
  return section;
}

function pictureOf({ sheet, seen }: PaperPlace, addresses: readonly string[], page: Document): HTMLImageElement {
  const image = page.createElement('img');
  image.alt = '';
  image.src = addresses[sheet]!;
  const sides = { left: seen.x, top: seen.y, width: seen.width, height: seen.height };
  for (const [side, mm] of Object.entries(sides)) image.style.setProperty(side, `${mm}mm`);
  return image;
}

function linesOf({ width, height, lines }: Paper, page: Document): SVGSVGElement {
  const drawing = page.createElementNS(SVG, 'svg');
  drawing.setAttribute('viewBox', `0 0 ${width} ${height}`);
  Object.assign(drawing.style, { left: '0', top: '0', width: `${width}mm`, height: `${height}mm` });
  for (const { kind, from, to } of lines) {
    const line = page.createElementNS(SVG, 'line');
    const places = { x1: from.x, y1: from.y, x2: to.x, y2: to.y, 'stroke-width': LINE_WIDTH };
    for (const [name, value] of Object.entries(places)) line.setAttribute(name, String(value));
    line.setAttribute('stroke', '#000000');
    if (kind === 'fold') line.setAttribute('stroke-dasharray', '1');
    drawing.append(line);
  }
  return drawing;
}
