import { describe, expect, it } from 'vitest';
import type { Group, Item, Opening, Pixels, Shadow } from '@kadrosyn/core';
import { differences } from '../../testing/differences.js';
import { Scene } from '../../testing/node-scene.js';
import { DrawnPicture, pictureNames } from '../../testing/pictures.js';
import { resolved } from '../../testing/resolved.js';
import { NODE_ENVIRONMENT } from '../node/node-environment.js';
import { renderSheet } from '../node/render-sheet.js';
import { putPixels } from '../photo/level-chain.js';
import { sheetSize } from './draw-sheet.js';
import { sheetLayers, type PictureLayer, type SheetLayer } from './sheet-layers.js';

const RECTANGLE = { type: 'rectangle', radii: [0, 0, 0, 0] } as const;

type Context = ReturnType<typeof NODE_ENVIRONMENT.createSurface>['context'];

/** Lays layers on one another as programs that read layered files do. */
function lay(context: Context, layers: readonly SheetLayer[], scale: number): void {
  const { width, height } = context.canvas;
  for (const layer of layers) {
    if (layer.isHidden) continue;
    const surface = NODE_ENVIRONMENT.createSurface(width, height);
    if (layer.kind === 'stack') lay(surface.context, layer.layers, scale);
    else {
      const drawn = layer.draw(scale);
      if (!drawn) continue;
      const own = NODE_ENVIRONMENT.createSurface(drawn.pixels.width, drawn.pixels.height);
      putPixels(own.context, drawn.pixels);
      surface.context.drawImage(own.image, drawn.at.x, drawn.at.y);
    }
    context.globalAlpha = layer.opacity;
    context.globalCompositeOperation = layer.blend === 'normal' ? 'source-over' : layer.blend;
    context.drawImage(surface.image, 0, 0);
  }
  context.globalAlpha = 1;
  context.globalCompositeOperation = 'source-over';
}

function laid(layers: readonly SheetLayer[], size: { width: number; height: number }, scale = 1): Pixels {
  const { width, height } = sheetSize(size, scale);
  const { context } = NODE_ENVIRONMENT.createSurface(width, height);
  lay(context, layers, scale);
  return { width, height, data: context.getImageData(0, 0, width, height).data };
}

describe('the layers of a sheet', () => {
  it.each(pictureNames)('of %s are the sheet when they are laid on one another', (name) => {
    const picture = new DrawnPicture(name);
    const { largest, mean } = differences(
      laid(sheetLayers(resolved(picture.sheet), picture.resources), picture.sheet),
      picture.pixels,
    );
    expect(largest).toBeLessThanOrEqual(4);
    expect(mean).toBeLessThan(0.1);
  });

  const scene = new Scene(120, 80);
  const square = (id: string, x: number, value: string, more: Partial<Opening> = {}): Opening => ({
    ...scene.opening(id, RECTANGLE, x, 10, 40, 40, { type: 'colour', colour: value }),
    ...more,
  });
  const SHADOW: Shadow = { distance: 6, blur: 6, strength: 1 };
  const back = square('back', 10, '#cf4a22');
  const front = square('front', 40, '#1d5a4c', { finish: { opacity: 0.5, blend: 'multiply', shadow: SHADOW } });
  const sheetOf = (items: readonly Item[], more: object = {}) =>
    resolved(scene.sheet([...items], { background: { type: 'colour', colour: '#e8dcc4' }, ...more }));
  const named = (layers: readonly SheetLayer[]): unknown[] =>
    layers.map((layer) => (layer.kind === 'stack' ? [layer.name, named(layer.layers)] : layer.name));

  /** The layers, once it is seen that they are the sheet. */
  function layersOf(items: readonly Item[], more?: object): SheetLayer[] {
    const sheet = sheetOf(items, more);
    const layers = sheetLayers(sheet, scene.resources);
    for (const scale of [1, 2])
      expect(differences(laid(layers, sheet, scale), renderSheet(sheet, scale, scene.resources)).largest).toBeLessThanOrEqual(3);
    return layers;
  }

  it('have the names of the items, their strength and their way of mixing, and no more px than they fill', () => {
    const layers = layersOf([back, front]);
    expect(layers).toMatchObject([
      { name: 'Sheet colour', opacity: 1, blend: 'normal', isHidden: false },
      { name: 'back', opacity: 1, blend: 'normal' },
      { name: 'front', opacity: 0.5, blend: 'multiply' },
    ]);
    // With a clear px on each side.
    expect((layers[1] as PictureLayer).draw(2)).toMatchObject({ at: { x: 19, y: 19, width: 82, height: 82 } });
  });

  it('are stacks where there are groups, whatever these do to all that is in them', () => {
    const group: Group = { type: 'group', id: 'g', name: 'Both', items: [back, front], opacity: 0.6, blend: 'screen' };
    const layers = layersOf([square('far', 0, '#223344'), group]);
    expect(named(layers)).toEqual(['Sheet colour', 'far', ['Both', ['back', 'front']]]);
    expect(layers[2]).toMatchObject({ opacity: 0.6, blend: 'screen' });
    // A shadow belongs to the whole of it.
    expect(named(layersOf([{ ...group, finish: { shadow: SHADOW } }]))).toEqual(['Sheet colour', 'Both']);
  });

  it('are one for items in another order in places, with what lies between', () => {
    const crossing = {
      lower: { itemId: 'back', part: 'whole' },
      upper: { itemId: 'front', part: 'whole' },
      over: true,
      regions: [],
      cuts: [],
    };
    const [between, upper] = [square('between', 20, '#888888'), square('upper', 60, '#abcdef')];
    const items = [back, between, { ...front, finish: {} }, upper];
    expect(named(layersOf(items, { crossings: [crossing] }))).toEqual(['Sheet colour', 'back, between, front', 'upper']);
    // Where one of them is mixed with what is below, that goes along.
    expect(named(layersOf([back, between, front, upper], { crossings: [crossing] }))).toEqual(['back, between, front', 'upper']);
    // A rule that changes nothing joins nothing.
    expect(layersOf(items, { crossings: [{ ...crossing, over: false }] })).toHaveLength(5);
  });

  it('hold all that lies below where files do not know the way of mixing, within a group what is in the group', () => {
    const excluded = { ...front, finish: { blend: 'exclusion' } } as const;
    expect(named(layersOf([back, excluded, square('upper', 60, '#abcdef')]))).toEqual(['back, front', 'upper']);
    const group: Group = { type: 'group', id: 'g', name: 'Both', items: [square('in', 30, '#888888'), excluded] };
    expect(named(layersOf([back, group]))).toEqual(['Sheet colour', 'back', ['Both', ['in, front']]]);
    const behind = { ...excluded, role: 'background', name: 'Behind' } as const;
    expect(named(layersOf([behind, back]))).toEqual(['Behind', 'back']);
  });

  it('are the ground, the photo on it and the veil, where a sheet has these', () => {
    const behind = { ...front, role: 'background', name: 'Behind' } as const;
    const layers = layersOf([behind, back], { veil: { colour: '#ffffff', strength: 0.4 } });
    expect(named(layers)).toEqual(['Sheet colour', 'Behind', 'Veil', 'back']);
    expect(named(layersOf([back], { background: { type: 'none' } }))).toEqual(['back']);
  });

  it('have the mood of a sheet as a picture on top, and lie below it hidden, without it', () => {
    const sheet = sheetOf([back], { mood: { tone: { saturation: -1 } } });
    const layers = sheetLayers(sheet, scene.resources);
    expect(layers.map(({ name, isHidden }) => [name, isHidden])).toEqual([
      ['Sheet colour', true],
      ['back', true],
      ['All of it, with its mood', false],
    ]);
    expect(differences(laid(layers, sheet), renderSheet(sheet, 1, scene.resources)).largest).toBe(0);
    const bare = layers.slice(0, -1).map((layer) => ({ ...layer, isHidden: false }));
    expect(differences(laid(bare, sheet), renderSheet(sheetOf([back]), 1, scene.resources)).largest).toBe(0);
  });

  it('do not hold what is hidden, or has nothing to show', () => {
    const empty = square('empty', 0, '#000000', { fill: { type: 'none' } });
    const group: Group = { type: 'group', id: 'g', name: 'None', items: [{ ...back, hidden: true }] };
    expect(named(layersOf([empty, group, front]))).toEqual(['Sheet colour', 'front']);
  });
});
