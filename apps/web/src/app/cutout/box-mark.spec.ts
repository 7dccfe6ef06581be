import { describe, expect, it } from 'vitest';
import { boxOf, type CutoutMark } from '@kadrosyn/core';
import { draggedBox, holdAt } from './box-mark';
import { PhotoWindow } from './photo-window';

const photo = { width: 100, height: 80 };
const box: CutoutMark = { kind: 'box', points: [60, 50, 20, 10] };

describe('a box', () => {
  it('has its sides in order, whichever corner it began at', () => {
    expect(boxOf(box)).toEqual({ left: 20, top: 10, right: 60, bottom: 50 });
  });

  it('is taken hold of by sides, corners, and its middle', () => {
    expect(holdAt(box, { x: 20, y: 30 }, 3)).toEqual({ x: -1, y: 0 });
    expect(holdAt(box, { x: 61, y: 52 }, 3)).toEqual({ x: 1, y: 1 });
    expect(holdAt(box, { x: 40, y: 30 }, 3)).toEqual({ x: 0, y: 0 });
    expect(holdAt(box, { x: 5, y: 30 }, 3)).toBeNull();
  });

  it('is moved and stretched, and stays within the photo', () => {
    expect(draggedBox(box, { x: 0, y: 0 }, 500, -500, photo).points).toEqual([60, 0, 100, 40]);
    expect(draggedBox(box, { x: -1, y: 0 }, -50, 9, photo).points).toEqual([0, 10, 60, 50]);
    expect(boxOf(draggedBox(box, { x: 1, y: 1 }, -50, 10, photo))).toEqual({ left: 10, top: 10, right: 20, bottom: 60 });
  });
});

describe('the window over a photo', () => {
  it('shows it whole, in the middle', () => {
    const window = new PhotoWindow();
    window.size.set({ width: 448, height: 448 });
    window.photo.set(photo);
    expect(window.view()).toEqual({ scale: 4, left: 24, top: 64 });
    expect(window.toPhoto(window.toWindow({ x: 12, y: 34 }))).toEqual({ x: 12, y: 34 });
  });

  it('zooms about a place, which stays where it is, and moves', () => {
    const window = new PhotoWindow();
    window.size.set({ width: 448, height: 448 });
    window.photo.set(photo);
    const at = { x: 100, y: 200 };
    const before = window.toPhoto(at);
    window.zoom(2, at);
    expect(window.view().scale).toBe(8);
    expect(window.toPhoto(at).x).toBeCloseTo(before.x, 9);
    expect(window.toPhoto(at).y).toBeCloseTo(before.y, 9);
    window.move(10, 0);
    expect(window.toPhoto(at).x).toBeCloseTo(before.x - 10 / 8, 9);
    window.zoom(1e9);
    expect(window.view().scale).toBe(16);
    window.showWhole();
    expect(window.view().scale).toBe(4);
  });
});
