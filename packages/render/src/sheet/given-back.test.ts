import { describe, expect, it } from 'vitest';
import type { Item, ResolvedSheet } from '@kadrosyn/core';
import type { RenderEnvironment } from '../canvas/environment.js';
import { NODE_ENVIRONMENT } from '../node/node-environment.js';
import { DrawnPicture, pictureNames } from '../../testing/pictures.js';
import { sheetSize } from './draw-sheet.js';
import { SheetPainter } from './sheet-painter.js';

const KEEPING: RenderEnvironment = { ...NODE_ENVIRONMENT, giveBack: () => undefined };

/** Whoever looks at a canvas that was given back sees another picture. */
const SPOILING: RenderEnvironment = {
  ...NODE_ENVIRONMENT,
  giveBack({ context, width, height }) {
    context.reset();
    context.fillStyle = '#ff00ff';
    context.fillRect(0, 0, width, height);
  },
};

const VIEW = { scale: 0.5, left: 0, top: 0 };

/** What a canvas shows after every step: at first, in frames of a drag of each item, and exactly again. */
function shown(picture: DrawnPicture, environment: RenderEnvironment): Buffer[] {
  const resources = { ...picture.resources, environment };
  const { width, height } = sheetSize(picture.sheet, VIEW.scale);
  const { context } = NODE_ENVIRONMENT.createSurface(width, height);
  const painter = new SheetPainter(context);
  const look = (): Buffer => Buffer.from(context.getImageData(0, 0, width, height).data);
  painter.paint(picture.sheet, VIEW, 0, resources);
  const frames = [look()];
  for (const item of picture.sheet.items.slice(0, 3)) {
    for (const by of [6, 11]) {
      painter.paint(withMoved(picture.sheet, item, by), VIEW, 0, { ...resources, draft: true });
      frames.push(look());
    }
    painter.settle(resources);
    frames.push(look());
  }
  return frames;
}

function withMoved(sheet: ResolvedSheet, moved: Item, by: number): ResolvedSheet {
  const items = sheet.items.map((item) =>
    item === moved && item.type === 'opening' ? { ...item, box: { ...item.box, x: item.box.x + by } } : item,
  );
  return { ...sheet, items };
}

describe('canvases that are given back', () => {
  it.each(pictureNames)('are looked at no more: %s', (name) => {
    const picture = new DrawnPicture(name);
    const wanted = shown(picture, KEEPING);
    const spoiled = shown(picture, SPOILING);
    const differing = wanted.flatMap((frame, step) => (frame.equals(spoiled[step]!) ? [] : [step]));
    expect(differing).toEqual([]);
  });
});
