// One picture of all that differs: the whole with the place marked, that place before and after, and the difference made strong.
import { join } from 'node:path';
import sharp from 'sharp';

/** Side of a tile, px, and what lies between them. */
const [TILE, GAP, LABEL] = [320, 12, 24];
/** How much of the surroundings of a place is shown, px. */
const AROUND = 12;
const GROUND = '#8a8f91';

/**
 * @param {import('./compare.mjs').Difference[]} differences
 * @returns {Promise<Buffer>} a PNG with a row for each, in their order
 */
export async function contactSheet(before, after, differences) {
  const rows = [];
  for (const [index, difference] of differences.entries()) {
    const top = GAP + index * (TILE + LABEL + GAP);
    rows.push({ input: label(difference), left: GAP, top });
    const tiles = await tilesOf(before, after, difference);
    for (const [column, input] of tiles.entries()) {
      if (input) rows.push({ input, left: GAP + column * (TILE + GAP), top: top + LABEL });
    }
  }
  return sharp({
    create: {
      width: GAP + 4 * (TILE + GAP),
      height: GAP + differences.length * (TILE + LABEL + GAP),
      channels: 3,
      background: '#fbf8f1',
    },
  })
    .composite(rows)
    .png()
    .toBuffer();
}

async function tilesOf(before, after, { path, kind, box }) {
  const [old, now] = [join(before, path), join(after, path)];
  if (kind === 'only before') return [await tile(sharp(old))];
  if (kind === 'only after') return [null, await tile(sharp(now))];
  if (kind === 'another size') return [await tile(sharp(old)), await tile(sharp(now))];
  const { width, height } = await sharp(now).metadata();
  const left = Math.max(0, box.left - AROUND);
  const top = Math.max(0, box.top - AROUND);
  const place = {
    left,
    top,
    width: Math.min(width, box.left + box.width + AROUND) - left,
    height: Math.min(height, box.top + box.height + AROUND) - top,
  };
  return [
    await tile(sharp(await marked(now, width, height, place))),
    await tile(sharp(old).extract(place), place),
    await tile(sharp(now).extract(place), place),
    await tile(await strongDifference(old, now, place), place),
  ];
}

/** Fitted into a tile; a small place is enlarged by whole pixels. */
async function tile(picture, place) {
  const enlarged = place && Math.max(place.width, place.height) < TILE;
  return picture
    .flatten({ background: GROUND })
    .resize(TILE, TILE, { fit: 'contain', background: '#ffffff', kernel: enlarged ? 'nearest' : 'lanczos3' })
    .toBuffer();
}

async function marked(file, width, height, { left, top, width: w, height: h }) {
  const line = Math.max(2, Math.round(Math.max(width, height) / 160));
  const mark = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect x="${left}" y="${top}" width="${w}" height="${h}" fill="none" stroke="#cf4a22" stroke-width="${line}"/></svg>`;
  return sharp(file)
    .composite([{ input: Buffer.from(mark) }])
    .png()
    .toBuffer();
}

/** Grey is no difference; each step counts for sixteen. */
async function strongDifference(old, now, place) {
  const [a, b] = await Promise.all([old, now].map((file) => sharp(file).extract(place).ensureAlpha().raw().toBuffer()));
  const out = Buffer.alloc(place.width * place.height * 3);
  for (let i = 0, o = 0; i < a.length; i += 4) {
    const alpha = b[i + 3] - a[i + 3];
    for (let c = 0; c < 3; c++) out[o++] = Math.max(0, Math.min(255, 128 + 16 * (b[i + c] - a[i + c] + alpha)));
  }
  return sharp(out, { raw: { width: place.width, height: place.height, channels: 3 } }).png();
}

function label({ path, kind, count, most }) {
  const words = kind === 'differs' ? `${path}: ${count} px differ, by at most ${most}` : `${path}: ${kind}`;
  const text = words.replace(/[<&]/g, ' ');
  return Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="${4 * TILE}" height="${LABEL}"><text x="0" y="17" font-family="sans-serif" font-size="15" fill="#20272a">${text}</text></svg>`,
  );
}
