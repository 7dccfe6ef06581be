import { describe, expect, it, vi } from 'vitest';
import { fillWithSheet, newProject, resolveSheet, type Opening, type Project, type Sheet } from '@kadrosyn/core';
import { largestDifference, mapPixels, pixelAt, Scene } from '../../testing/node-scene.js';
import { renderSheet } from '../node/render-sheet.js';
import type { PhotoSource } from '../canvas/photo-source.js';

const RECTANGLE = { type: 'rectangle', radii: [0, 0, 0, 0] } as const;
const scene = new Scene(120, 90);
const map = scene.photo('map', mapPixels(80, 60));
const { shaper } = scene.resources;
const made = newProject('Shown', { width: 120, height: 90, unit: 'px' });
const poster: Sheet = {
  ...scene.sheet([
    scene.filled(scene.opening('photo', { type: 'ellipse' }, 4.5, 3, 50, 37, { type: 'none' }), map),
    scene.opening('bar', RECTANGLE, 8, 44, 44, 3.3, { type: 'colour', colour: '#cf4a22' }),
  ]),
  id: 'poster',
  width: 60,
  height: 50,
  bleed: 9,
};

function onWall(change: Partial<Opening>, shown: Sheet = poster): Project {
  const opening = { ...scene.opening('frame', RECTANGLE, 20, 30, 60, 50, { type: 'none' }), ...change };
  const frame = { ...opening, fill: fillWithSheet(opening, shown, shaper) };
  return { ...made, photos: scene.photos, sheets: [scene.sheet([frame], { background: { type: 'none' } }), shown] };
}

const drawn = (project: Project, id: string, source: PhotoSource = scene.source) =>
  renderSheet(resolveSheet(project, id)!, 1, { ...scene.resources, source });

describe('a shown sheet', () => {
  it('is to the step the sheet itself at its own size, without its bleed, and clear where that is clear', () => {
    for (const background of [{ type: 'none' }, { type: 'colour', colour: '#e9dcc3' }] as const) {
      const shown = { ...poster, background };
      const [wall, own] = [drawn(onWall({}, shown), 'sheet'), drawn(onWall({}, shown), 'poster')];
      for (let y = 0; y < 90; y++)
        for (let x = 0; x < 120; x++) {
          const isInside = x >= 20 && x < 80 && y >= 30 && y < 80;
          const wanted = isInside ? pixelAt(own, x - 20, y - 30) : [0, 0, 0, 0];
          const [seen, alpha] = [pixelAt(wall, x, y), wanted[3]!];
          // Colours of soft px are rounded by how little there is of them.
          for (let c = 0; c < 4; c++)
            expect((Math.abs(seen[c]! - wanted[c]!) * (c === 3 ? 255 : alpha)) / 255, `${x} ${y}`).toBeLessThanOrEqual(1);
        }
    }
  });

  it('changes with the sheet, and not with what is not seen of it', () => {
    const before = drawn(onWall({}), 'sheet');
    const bar = scene.opening('bar', RECTANGLE, 8, 30, 44, 3.3, { type: 'colour', colour: '#cf4a22' });
    expect(largestDifference(drawn(onWall({}, { ...poster, items: [bar] }), 'sheet'), before)).toBeGreaterThan(100);
    expect(largestDifference(drawn(onWall({}, { ...poster, name: 'Other', bleed: 0 }), 'sheet'), before)).toBe(0);
  });

  it('is asked of a source that has it, by the id of its picture, and drawn otherwise', () => {
    const project = onWall({ finish: { shadow: { angle: 40, distance: 4, blur: 3, strength: 1 } } });
    const id = Object.keys(resolveSheet(project, 'sheet')!.shows!)[0]!;
    const shown = vi.fn(() => scene.source.level('map', 1));
    const source: PhotoSource = { level: (photoId, scale) => scene.source.level(photoId, scale), shown };
    expect(largestDifference(drawn(project, 'sheet', source), drawn(project, 'sheet'))).toBeGreaterThan(50);
    expect(shown).toHaveBeenCalledWith(id, resolveSheet(project, 'poster'), expect.any(Number));
  });

  it('is drawn once for all that is made of it, and again when another level of a photo has arrived', () => {
    const project = onWall({});
    const sheet = resolveSheet(project, 'sheet')!;
    const level = vi.fn((photoId: string, scale: number) => scene.source.level(photoId, scale));
    const resources = { ...scene.resources, source: { level } };
    const asked = (version: number): number => {
      level.mockClear();
      renderSheet(sheet, 1, { ...resources, version });
      return level.mock.calls.filter(([photoId]) => photoId === 'map').length;
    };
    expect(asked(1)).toBeGreaterThan(0);
    expect(asked(1)).toBe(0);
    expect(asked(2)).toBeGreaterThan(0);
  });
});
