import { describe, expect, it } from 'vitest';
import { newBackground } from './background.js';
import type { PhotoFill } from './fill.js';
import { pagesOf } from './is-imprint.js';
import { keptPictures } from './kept-pictures.js';
import { newProject } from './new-project.js';
import { newShapedOpening } from './new-opening.js';
import type { Project } from './project.js';
import { referencesOf } from './references.js';
import { renamePhotos } from './rename-photos.js';

const [a, b, c, d] = ['a', 'b', 'c', 'd'].map((letter) => letter.repeat(64)) as [string, string, string, string];
const fill = (photoId: string): PhotoFill => ({
  type: 'photo',
  photoId,
  placement: { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false },
});
const made = newProject('Jars', { width: 100, height: 100, unit: 'px' });
const [sheet] = made.sheets;
const jar = { ...newShapedOpening('jar', { type: 'ellipse' }, { x: 50, y: 50 }, 20, 20), fill: fill('jar') };
const group = { type: 'group', id: 'group', name: 'Group', items: [jar] } as const;
const photo = (id: string) => ({ id, sha256: a, name: id, width: 40, height: 30 });
const form = { type: 'round', centre: { x: 20, y: 15 }, rx: 5, ry: 4, turn: 0 } as const;
const project: Project = {
  ...made,
  photos: {
    jar: {
      ...photo('jar'),
      cutouts: [{ id: 'cut', name: 'Jar', revisions: [a, b].map((matteSha256) => ({ matteSha256, marks: [] })) }],
      areas: [{ id: 'lid', name: 'Lid', form, front: { matteSha256: c, plateSha256: d }, hints: { cutouts: [b] } }],
    },
    wall: photo('wall'),
    gone: { ...photo('gone'), cutouts: [{ id: 'x', name: 'X', revisions: [{ matteSha256: 'e'.repeat(64), marks: [] }] }] },
  },
  sheets: [
    { ...sheet!, items: [newBackground(sheet!, fill('wall')), group] },
    { ...sheet!, id: 'imprint', role: 'imprint', items: [] },
  ],
};

describe('photos under other names', () => {
  it('are listed and shown under them, wherever they lie; everything else is as it was', () => {
    const renamed = renamePhotos(project, new Map([['jar', { id: 'bowl', sha256: d }]]));
    expect(Object.keys(renamed.photos)).toEqual(['bowl', 'wall', 'gone']);
    expect(renamed.photos['bowl']).toEqual({ ...project.photos['jar'], id: 'bowl', sha256: d });
    expect([...referencesOf(renamed).photos].toSorted()).toEqual(['bowl', 'wall']);
    expect(renamePhotos(renamed, new Map([['bowl', { id: 'jar', sha256: a }]]))).toEqual(project);
  });

  it('are one photo where they get the same name, and no cutout or area is lost', () => {
    const cutout = (id: string, ...mattes: string[]) => ({
      id,
      name: id,
      revisions: mattes.map((matteSha256) => ({ matteSha256, marks: [] })),
    });
    const area = (id: string) => ({ id, name: id, form });
    const wall = { ...photo('wall'), cutouts: [cutout('cut', b, d), cutout('own', c)], areas: [area('lid'), area('foot')] };
    const twice: Project = { ...project, photos: { ...project.photos, wall } };
    for (const names of [
      [['jar', 'wall']],
      [
        ['jar', 'bowl'],
        ['wall', 'bowl'],
      ],
    ] as const) {
      const renamed = renamePhotos(twice, new Map(names.map(([from, id]) => [from, { id, sha256: a }])));
      const id = names[0][1];
      expect(Object.keys(renamed.photos)).toEqual([id, 'gone']);
      const { cutouts, areas } = renamed.photos[id]!;
      const kept = cutouts!.map((each) => [each.id, each.revisions.map(({ matteSha256 }) => matteSha256)]);
      expect(kept).toEqual([
        ['cut', [a, b, d]],
        ['own', [c]],
      ]);
      expect(areas!.map((each) => each.id)).toEqual(['lid', 'foot']);
      expect([...referencesOf(renamed).photos]).toEqual([id]);
    }
  });

  it('are what they were where there is no other name', () => {
    expect(renamePhotos(project, new Map())).toBe(project);
    expect(renamePhotos(project, new Map([['none', { id: 'x', sha256: a }]]))).toEqual(project);
  });
});

it('the kept pictures of a project are those of all cutouts and areas of photos that are shown, each once', () => {
  expect(keptPictures(project)).toEqual([a, b, c, d].map((matteSha256) => ({ photoId: 'jar', matteSha256 })));
});

it('an imprint is no page', () => {
  expect(pagesOf(project)).toEqual([project.sheets[0]]);
});
