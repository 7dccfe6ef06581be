import { TestBed } from '@angular/core/testing';
import type { Photo } from '@kadrosyn/core';
import type { StoredPhoto } from '@kadrosyn/contract';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Fault } from '../api/fault';
import { Server } from '../api/server';
import { PhotoLevels } from './photo-levels';
import { PhotoLibrary } from './photo-library';

const photo = (id: string): Photo => ({ id, sha256: id.repeat(8), name: `photo ${id}`, width: 40, height: 30 });
const stored = (id: string): StoredPhoto => ({
  ...photo(id),
  clear: false,
  tags: [],
  addedAt: '2026-05-09T10:00:00.000Z',
  screenLevel: 0,
});
const FILE = new File(['picture'], 'picture.png', { type: 'image/png' });

const server = { photos: vi.fn<() => Promise<StoredPhoto[]>>(), changePhoto: vi.fn(), removePhoto: vi.fn() };
const levels = { register: vi.fn() };

function library(): PhotoLibrary {
  TestBed.configureTestingModule({
    providers: [
      { provide: Server, useValue: server },
      { provide: PhotoLevels, useValue: levels },
    ],
  });
  return TestBed.inject(PhotoLibrary);
}

const ids = (shown: PhotoLibrary): string[] => shown.photos().map((entry) => entry.photo.id);

describe('the photos of the workspace', () => {
  beforeEach(() => {
    vi.resetAllMocks();
    vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: () => 'blob:picture' }));
  });

  it('are those of the server, in its order, and say what went wrong without losing them', async () => {
    const photos = library();
    expect([photos.loaded(), photos.fault()]).toEqual([false, null]);
    server.photos.mockResolvedValueOnce([stored('b'), stored('a')]);
    await photos.load();
    expect([ids(photos), photos.loaded(), photos.fault()]).toEqual([['b', 'a'], true, null]);
    server.photos.mockRejectedValueOnce(new Fault('away', 'The server does not answer.', {}, true));
    await photos.load();
    expect([ids(photos), photos.loaded(), photos.fault()]).toEqual([['b', 'a'], true, 'The server does not answer.']);
    server.photos.mockResolvedValueOnce([stored('a')]);
    await photos.load();
    expect([ids(photos), photos.fault()]).toEqual([['a'], null]);
  });

  it('are shown before they have arrived, and once when they have', async () => {
    const photos = library();
    server.photos.mockResolvedValueOnce([stored('a')]);
    await photos.load();
    photos.arrive(photo('n'), FILE, true);
    photos.progress('n', 0.5);
    expect(ids(photos)).toEqual(['n', 'a']);
    expect(photos.find('n')).toMatchObject({ uploading: 0.5, clear: true });
    expect([...photos.uploadingIds()]).toEqual(['n']);
    photos.keep(stored('n'));
    expect(ids(photos)).toEqual(['n', 'a']);
    expect(photos.find('n')?.uploading).toBeUndefined();
    photos.arrived('n');
    expect([...photos.uploadingIds()]).toEqual([]);
    // One that is here already does not come a second time.
    photos.arrive(photo('a'), FILE, false);
    expect(ids(photos)).toEqual(['n', 'a']);
  });

  it('keep a cutout with its photo, in place of the one before it', async () => {
    const photos = library();
    server.photos.mockResolvedValueOnce([stored('a'), stored('b')]);
    await photos.load();
    const cutout = (id: string, name: string) => ({ id, name, revisions: [] });
    photos.keepCutout('a', cutout('c1', 'Cutout'));
    photos.keepCutout('a', cutout('c2', 'Another'));
    photos.keepCutout('a', cutout('c1', 'Cutout again'));
    expect(photos.find('a')?.photo.cutouts?.map(({ name }) => name)).toEqual(['Another', 'Cutout again']);
    expect(photos.find('b')?.photo.cutouts).toBeUndefined();
  });

  it('stay where they could not be removed', async () => {
    const photos = library();
    server.photos.mockResolvedValueOnce([stored('a'), stored('b')]);
    await photos.load();
    server.removePhoto.mockResolvedValueOnce(undefined).mockRejectedValueOnce(new Fault('away', 'Not now.'));
    await expect(photos.remove(['a', 'b'])).rejects.toThrow('Not now.');
    expect(ids(photos)).toEqual(['b']);
  });
});
