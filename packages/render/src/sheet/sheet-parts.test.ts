import { describe, expect, it } from 'vitest';
import { scaling, type Opening, type Pixels } from '@kadrosyn/core';
import { differences } from '../../testing/differences.js';
import { Scene } from '../../testing/node-scene.js';
import { DrawnPicture, pictureNames } from '../../testing/pictures.js';
import { resolved } from '../../testing/resolved.js';
import { fillPathAt } from '../canvas/fill-path.js';
import { NODE_ENVIRONMENT } from '../node/node-environment.js';
import { renderSheet } from '../node/render-sheet.js';
import { putPixels } from '../photo/level-chain.js';
import { sheetSize } from './draw-sheet.js';
import { sheetParts, type SheetPart } from './sheet-parts.js';

const RECTANGLE = { type: 'rectangle', radii: [0, 0, 0, 0] } as const;
const colour = (value: string) => ({ type: 'colour', colour: value }) as const;

/** A picture in the light of another. */
const IN_LIGHT = 'shades-on-a-round-glass';
const SHADOW = { distance: 6, blur: 6, strength: 1 } as const;

/** The parts laid on one another by nothing but their alpha. */
function laid(parts: readonly SheetPart[], size: { width: number; height: number }, scale: number): Pixels {
  const { width, height } = sheetSize(size, scale);
  const { context } = NODE_ENVIRONMENT.createSurface(width, height);
  for (const part of parts) {
    context.setTransform(1, 0, 0, 1, 0, 0);
    if (part.kind === 'outline') {
      context.globalAlpha = part.opacity;
      context.fillStyle = part.colour;
      fillPathAt(context, scaling(scale), part.path);
      context.globalAlpha = 1;
      continue;
    }
    const drawn = part.draw(scale);
    if (!drawn) continue;
    const layer = NODE_ENVIRONMENT.createSurface(drawn.pixels.width, drawn.pixels.height);
    putPixels(layer.context, drawn.pixels);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.drawImage(layer.image, drawn.at.x, drawn.at.y);
  }
  return { width, height, data: context.getImageData(0, 0, width, height).data };
}

describe('the parts of a sheet', () => {
  it.each(pictureNames)('of %s are the sheet when they are laid on one another', (name) => {
    const picture = new DrawnPicture(name);
    const parts = sheetParts(resolved(picture.sheet), picture.resources);
    const { largest, mean } = differences(laid(parts, picture.sheet, 1), picture.pixels);
    // Soft edges are filled by the canvas itself here, which rounds otherwise than by coverage.
    expect(largest).toBeLessThanOrEqual(4);
    expect(mean).toBeLessThan(0.1);
    expect(parts.filter((part) => part.kind === 'picture' && part.isBase).length).toBeLessThanOrEqual(1);
  });

  it('are the sheet where something lies in the light of the photo behind everything', () => {
    const picture = new DrawnPicture(IN_LIGHT);
    const [host, ...items] = picture.sheet.items;
    const sheet = resolved({ ...picture.sheet, items: [{ ...host!, role: 'background' } as Opening, ...items] });
    const parts = sheetParts(sheet, picture.resources);
    expect(parts.map((part) => part.kind)).toEqual(['picture', 'picture']);
    const { largest } = differences(laid(parts, sheet, 1), renderSheet(sheet, 1, picture.resources));
    expect(largest).toBeLessThanOrEqual(4);
  });

  const scene = new Scene(120, 80);
  const { resources } = scene;
  const kinds = (parts: readonly SheetPart[]): string[] =>
    parts.map((part) => (part.kind === 'outline' ? 'outline' : part.isBase ? 'base' : 'picture'));
  const plain = scene.opening('plain', RECTANGLE, 10, 10, 30, 30, colour('#cf4a22'));
  const shaded = { ...scene.opening('shaded', RECTANGLE, 20, 20, 30, 30, colour('#1d5a4c')), finish: { shadow: SHADOW } };
  const blended = { ...plain, id: 'blended', finish: { blend: 'multiply' } } as const;
  const partsOf = (...items: Parameters<Scene['sheet']>[0]) =>
    sheetParts(resolved(scene.sheet([...items], { background: colour('#fbf8f1') })), resources);

  it('are outlines where colour is all there is, also the ground', () => {
    const [ground, item, ...more] = partsOf({ ...plain, finish: { opacity: 0.5 } });
    expect(ground).toMatchObject({ kind: 'outline', colour: '#fbf8f1', opacity: 1 });
    expect(item).toMatchObject({ kind: 'outline', colour: '#cf4a22', opacity: 0.5 });
    expect(more).toEqual([]);
  });

  it('are pictures by themselves where a finish needs px, in their place between outlines', () => {
    const parts = partsOf(plain, shaded, { ...plain, id: 'upper' });
    expect(kinds(parts)).toEqual(['outline', 'outline', 'picture', 'outline']);
    const drawn = (parts[2] as Extract<SheetPart, { kind: 'picture' }>).draw(2)!;
    // No larger than what it holds.
    expect(drawn.at.width).toBeLessThan(150);
    expect(drawn.pixels.data[3]).toBeLessThan(255);
  });

  it('are one picture up to whatever is mixed with what lies below it', () => {
    expect(kinds(partsOf(plain, blended, { ...plain, id: 'upper' }))).toEqual(['base', 'outline']);
  });

  it('do not hold what is hidden, and a bare group is what is in it', () => {
    const group = { type: 'group', id: 'g', name: 'Group', items: [plain, { ...shaded, hidden: true }] } as const;
    expect(kinds(partsOf(group, { ...plain, id: 'gone', hidden: true }))).toEqual(['outline', 'outline']);
    expect(kinds(partsOf({ ...group, opacity: 0.5 }))).toEqual(['outline', 'picture']);
  });
});
