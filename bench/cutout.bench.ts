import { join } from 'node:path';
import {
  commonShare,
  CutoutAnswers,
  cutoutLevel,
  cutoutPicture,
  finishedMatte,
  preparePhoto,
  STANDARD_EDGE,
  subjectOf,
  type CutoutMark,
  type Pixels,
  type Plane,
} from '@kadrosyn/core';
import { matteErrors, smallTruth, type MatteErrors } from './cutout/errors.js';
import { drawnBox, nextStroke } from './cutout/simulated-user.js';
import { knownSubjects, type KnownSubject } from './cutout/subjects.js';
import { about, detail, figure, once, type Bar } from './figure.js';

about(`
The 24 pictures whose alpha is known: what is suggested with no hint (\`auto\`), and a simulated person who draws a box and up to four strokes where
the answer is most wrong. The common share (IoU) is at one half, on the working copy; errors of the matte are in thousandths, \`band\` in the 20 px
along its edge, \`colour\` in steps of 255. \`mp8\` and \`mp31\` are photos of so many megapixels.
`);
once();
const STROKES = 4;

/** What must be reached after the box and after so many strokes. */
const BARS: Readonly<Record<number, { readonly median: Bar; readonly mean?: Bar }>> = {
  0: { median: { least: 0.965 }, mean: { least: 0.93 } },
  3: { median: { least: 0.97 } },
};

interface Row {
  readonly subject: Pick<KnownSubject, 'name' | 'kind'>;
  readonly auto: { readonly sure: boolean; readonly iou: number; readonly ms: number };
  /** After the box and each stroke. */
  readonly steps: readonly { readonly iou: number; readonly ms: number }[];
  readonly matte: MatteErrors & { readonly ms: number };
}

async function timed<T>(work: () => Promise<T> | T): Promise<{ readonly value: T; readonly ms: number }> {
  const start = performance.now();
  const value = await work();
  return { value, ms: performance.now() - start };
}

async function tried({ name, kind, photo, alpha }: KnownSubject): Promise<Row> {
  const level = cutoutLevel(photo);
  const prepared = preparePhoto(level);
  const { width, height, scale } = prepared.copy;
  const truth = smallTruth(alpha, width, height);
  const auto = await timed(() => new CutoutAnswers(prepared).answer([{ kind: 'suggest', points: [] }]));
  const answers = new CutoutAnswers(prepared);
  const marks: CutoutMark[] = [drawnBox(truth, scale)];
  let { value, ms } = await timed(() => answers.answer([...marks]));
  const steps = [{ iou: commonShare(value.mask, truth), ms }];
  let mask: Plane = value.mask;
  for (let n = 0; n < STROKES; n++) {
    const stroke = nextStroke(mask, truth, scale);
    if (!stroke) break;
    marks.push(stroke);
    ({ value, ms } = await timed(() => answers.answer([...marks])));
    mask = value.mask;
    steps.push({ iou: commonShare(mask, truth), ms });
  }
  const made = await timed(async () => {
    const matte = await finishedMatte(photo, mask, { marks, edge: STANDARD_EDGE });
    return subjectOf(photo, cutoutPicture(photo, matte));
  });
  return {
    subject: { name, kind },
    auto: { sure: !auto.value.isUnsure, iou: commonShare(auto.value.mask, truth), ms: auto.ms },
    steps,
    matte: { ...matteErrors(photo, alpha, made.value), ms: made.ms },
  };
}

function median(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** Photos as cameras take them, made of a sample by repeating its px. */
function enlarged({ width, height, data }: Pixels, times: number): Pixels {
  const out = new Uint32Array(width * times * height * times);
  const source = new Uint32Array(data.buffer, data.byteOffset, width * height);
  for (let y = 0; y < height * times; y++) {
    const row = Math.floor(y / times) * width;
    for (let x = 0; x < width * times; x++) out[y * width * times + x] = source[row + Math.floor(x / times)]!;
  }
  return { width: width * times, height: height * times, data: new Uint8ClampedArray(out.buffer) };
}

async function largePhoto(photo: Pixels, name: string): Promise<void> {
  const level = cutoutLevel(photo);
  const answers = new CutoutAnswers(preparePhoto(level));
  const { width, height } = photo;
  const marks: CutoutMark[] = [{ kind: 'box', points: [width * 0.17, height * 0.02, width * 0.8, height * 0.6] }];
  const { mask } = await answers.answer(marks);
  const preview = await timed(() => finishedMatte(level.pixels, mask, { marks, edge: STANDARD_EDGE, coarse: 2 ** level.index }));
  figure(`cutout.${name}.preview`, preview.ms, 'ms', { most: 600 });
  const matte = await timed(() => finishedMatte(photo, mask, { marks, edge: STANDARD_EDGE }));
  figure(`cutout.${name}.matte`, matte.ms, 'ms', { most: 5000 });
  const picture = await timed(() => cutoutPicture(photo, matte.value));
  figure(`cutout.${name}.picture`, picture.ms, 'ms');
  figure(`cutout.${name}.peak`, process.resourceUsage().maxRSS / 1024, 'MB');
}

const rows: Row[] = [];
let hare: Pixels | undefined;
for await (const subject of knownSubjects(join(process.cwd(), 'demo/pictures'))) {
  if (subject.name === 'hare-leap') hare = subject.photo;
  rows.push(await tried(subject));
  const { auto, steps, matte } = rows.at(-1)!;
  const iou = steps.map((step) => step.iou.toFixed(3)).join(' ');
  const found = `${auto.iou.toFixed(3)}${auto.sure ? '' : ' declined'}`;
  detail(
    `${subject.kind.padEnd(8)} ${subject.name.padEnd(30)} auto ${found.padEnd(14)} box and strokes ${iou.padEnd(30)}` +
      `matte ${matte.whole.toFixed(2)} band ${matte.band.toFixed(1)} colour ${matte.colour.toFixed(1)}`,
  );
}
const plain = rows.filter(({ subject }) => subject.kind === 'plain');
figure('cutout.auto.plain.median', median(plain.map(({ auto }) => (auto.sure ? auto.iou : 0))), 'IoU', { least: 0.95 });
figure('cutout.auto.plain.declined', plain.filter(({ auto }) => !auto.sure).length, 'pictures', { most: 0 });
figure('cutout.auto.wrong', rows.filter(({ auto }) => auto.sure && auto.iou < 0.9).length, 'pictures', { most: 0 });
figure('cutout.auto.declined', rows.filter(({ auto }) => !auto.sure).length, 'pictures');
figure('cutout.auto.time', median(rows.map(({ auto }) => auto.ms)), 'ms', { most: 1000 });
for (const after of [0, 1, 2, 3, 4]) {
  const reached = rows.map(({ steps }) => steps[Math.min(after, steps.length - 1)]!);
  const name = after === 0 ? 'box' : `strokes${after}`;
  const bars = BARS[after];
  figure(`cutout.${name}.median`, median(reached.map(({ iou }) => iou)), 'IoU', bars?.median);
  figure(`cutout.${name}.mean`, reached.reduce((sum, { iou }) => sum + iou, 0) / reached.length, 'IoU', bars?.mean);
  figure(`cutout.${name}.time`, median(reached.map(({ ms }) => ms)), 'ms', { most: after === 0 ? 1000 : 300 });
}
for (const [name, least] of [
  ['solid', 0.95],
  ['foliage', 0.9],
] as const) {
  const those = rows.filter(({ subject }) => (subject.kind === 'foliage') === (name === 'foliage'));
  const reached = those.map(({ steps }) => steps[Math.min(3, steps.length - 1)]!.iou);
  figure(`cutout.strokes3.${name}.least`, Math.min(...reached), 'IoU', { least });
}
for (const which of ['whole', 'band', 'colour', 'ms'] as const) {
  figure(
    `cutout.matte.${which}`,
    median(rows.map(({ matte }) => matte[which])),
    which === 'ms' ? 'ms' : which === 'colour' ? 'levels' : 'thousandths',
    which === 'whole' ? { most: 3 } : which === 'band' ? { most: 25 } : undefined,
  );
}
await largePhoto(enlarged(hare!, 2), 'mp8');
await largePhoto(enlarged(hare!, 4), 'mp31');
