import {
  changeItem,
  changeLettering,
  changeOutline,
  letteringText,
  moveByGrip,
  outlineBounds,
  outlineHandles,
  resolvedIn,
  STARTING_ROLES,
  setBoxByGrip,
  snapBox,
  snapTargets,
  withWholeText,
  type GripContext,
  type ItemProperties,
  type Opening,
  type ResolvedSheet,
  type Sheet,
  type SnapTargets,
} from '@kadrosyn/core';
import { SheetPainter, type RenderResources } from '@kadrosyn/render';
import { artworkMoved, awaiting } from './imprint-frames.js';
import { draw, resourcesFor, type PictureRequest } from './picture.js';
import { moodAt, sliderChange, type Slider } from './slider-change.js';

/** What is timed: the first sheet in a viewport, with one item dragged. */
export interface FramesRequest extends PictureRequest {
  readonly viewport: { readonly width: number; readonly height: number };
  readonly itemId: string;
  readonly frames: number;
  /** What is done to the item in every frame; of `imprint` the item is the product. @default 'photo' */
  readonly gesture?: 'imprint' | 'photo' | 'opening' | 'corner' | 'letter' | 'snapped' | 'mood' | Slider;
}

/** Median times in ms. */
export interface FrameTimes {
  /** One drawImage of the dragged photo over the whole viewport. */
  readonly bare: number;
  /** The first frames of all, while the browser still compiles what draws them. */
  readonly first: number;
  readonly drag: number;
  readonly whole: number;
  readonly exact: number;
}

/** So many frames are drawn before those that count: half a second of a drag. */
const FIRST = 30;

/** Times frames; every frame is read back by one px, so that it is really painted. */
async function timeFrames(request: FramesRequest): Promise<FrameTimes> {
  const resources = await resourcesFor(request);
  const { width, height } = request.viewport;
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [width, height];
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  const flush = () => context.getImageData(0, 0, 1, 1);
  const resolved = (sheet: Sheet): ResolvedSheet => resolvedIn(request.project, sheet);
  const sheet = request.project.sheets[0]!;
  const opening = sheet.items.find((item): item is Opening => item.id === request.itemId)!;
  const scale = Math.min(width / sheet.width, height / sheet.height);
  const view = { scale, left: Math.round((width - sheet.width * scale) / 2), top: 0 };
  const painter = new SheetPainter(context);
  const isPrinted = request.gesture === 'imprint';
  const moved = (step: number): ResolvedSheet =>
    isPrinted ? artworkMoved(request.project, step) : resolved(changedSheet(request, sheet, opening, step, resources));
  const draft = { ...(isPrinted ? awaiting(resources) : resources), draft: true };

  const photo = request.project.photos[opening.fill.type === 'photo' ? opening.fill.photoId : '']!;
  const level = resources.source.level(photo.id, Math.max(width / photo.width, height / photo.height))!;
  const image = level.image();
  const bare = median(request.frames, () => {
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.imageSmoothingQuality = 'low';
    context.drawImage(image, 0, 0, width, height);
    flush();
  });
  painter.paint(resolved(sheet), view, 0, resources);
  painter.paint(moved(1), view, 0, resources);
  // What the gesture itself computes counts too.
  const frame = (step: number): void => {
    if (painter.paint(moved(step), view, 0, draft) === 'nothing') throw new Error('Nothing was painted');
    flush();
  };
  const first = median(FIRST, (step) => {
    frame(step + 2);
  });
  const drag = median(request.frames, (step) => {
    frame(step + 2 + FIRST);
  });
  const whole = median(12, (step) => {
    painter.paint(resolved(sheet), view, step + 1, { ...resources, draft: true });
    flush();
  });
  const exact = median(6, (step) => {
    painter.paint(isPrinted ? moved(step + 200) : resolved(sheet), view, step + 100, resources);
    flush();
  });
  return { bare, first, drag, whole, exact };
}

function changedSheet(request: FramesRequest, sheet: Sheet, opening: Opening, step: number, resources: RenderResources): Sheet {
  if (request.gesture === 'mood') return moodAt(sheet, step);
  const context: GripContext = { sheet, sheets: [], photos: request.project.photos, shaper: resources.shaper };
  const change = changeOf(request.gesture === 'imprint' ? 'photo' : (request.gesture ?? 'photo'), opening, step, context);
  const [operation] = changeItem(sheet, opening, change, '').operations;
  if (operation?.type !== 'change-item') throw new Error('Not a change');
  return {
    ...sheet,
    items: sheet.items.map((item) => (item.id === opening.id ? { ...opening, ...operation.after } : item)) as Sheet['items'],
  };
}

function changeOf(
  gesture: Exclude<NonNullable<FramesRequest['gesture']>, 'mood' | 'imprint'>,
  opening: Opening,
  step: number,
  context: GripContext,
): ItemProperties {
  const delta = { x: 6 * Math.sin(step * 0.7) + step * 0.2, y: 5 * Math.cos(step * 0.9) };
  if (gesture === 'corner') {
    const [handle] = outlineHandles(opening.outline, opening.box.width, opening.box.height);
    return changeOutline(opening, handle!.drag({ x: handle!.at.x + delta.x, y: handle!.at.y + delta.y }), context);
  }
  if (gesture === 'letter' && opening.outline.type === 'lettering') {
    const text = letteringText(opening.outline) + 'GLAZE'.slice(0, 1 + (step % 5)) + (step % 2 === 0 ? 'S' : '');
    const set = changeLettering(opening, withWholeText(opening.outline, text), context.shaper);
    return { ...set, ...setBoxByGrip({ ...opening, outline: set.outline! }, 'opening', set.box!, context) };
  }
  if (gesture === 'snapped') {
    const bounds = outlineBounds(opening, context.shaper)!;
    const { by } = snapBox({ ...bounds, x: bounds.x + delta.x, y: bounds.y + delta.y }, targetsOf(context, opening), 6);
    return moveByGrip(opening, 'both', { x: delta.x + by.x, y: delta.y + by.y }, context);
  }
  if (gesture === 'photo' || gesture === 'opening' || gesture === 'letter')
    return moveByGrip(opening, gesture === 'opening' ? 'both' : 'photo', delta, context);
  return sliderChange(gesture, opening, step);
}

const gathered = new WeakMap<Sheet, SnapTargets>();

/** What can be met, gathered once for a drag. */
function targetsOf({ sheet, shaper }: GripContext, opening: Opening): SnapTargets {
  const known =
    gathered.get(sheet) ??
    snapTargets(resolvedIn({ sheets: [sheet], roles: STARTING_ROLES, photos: {} }, sheet), new Set([opening.id]), (item) =>
      outlineBounds(item, shaper),
    );
  gathered.set(sheet, known);
  return known;
}

function median(count: number, run: (step: number) => void): number {
  const times: number[] = [];
  for (let step = 0; step < count; step++) {
    const from = performance.now();
    run(step);
    times.push(performance.now() - from);
  }
  return times.sort((a, b) => a - b)[times.length >> 1]!;
}

/** Draws the sheet and writes it as PNG in the browser; ms for all of it and for the writing alone. */
async function timeExport(request: PictureRequest): Promise<{ all: number; encode: number }> {
  const run = async () => {
    let canvas: OffscreenCanvas | undefined;
    const from = performance.now();
    await draw(request, (width, height) => {
      canvas = new OffscreenCanvas(width, height);
      return canvas.getContext('2d', { willReadFrequently: true })!;
    });
    const drawn = performance.now();
    await canvas!.convertToBlob({ type: 'image/png' });
    return { all: performance.now() - from, encode: performance.now() - drawn };
  };
  await run();
  return run();
}

declare global {
  interface Window {
    bench: { timeFrames: typeof timeFrames; timeExport: typeof timeExport };
  }
}
window.bench = { timeFrames, timeExport };
