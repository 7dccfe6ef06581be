import { describe, expect, it } from 'vitest';
import { planeOf } from '../../testing/test-planes.js';
import { contactReach, contactShadow } from './contact-shadow.js';
import { filledBounds } from './plane.js';

const SIZE = 100;
const ROOM = 30;
const at = (plane: ReturnType<typeof contactShadow>, x: number, y: number): number =>
  plane.data[(y + ROOM) * plane.width + x + ROOM]!;

describe('a contact shadow', () => {
  it('lies under each foot, and under nothing that hangs higher', () => {
    // Two legs to row 79, a bag that hangs to row 49 on the right.
    const subject = planeOf(SIZE, [20, 20, 60, 20], [25, 40, 8, 40], [50, 40, 8, 40], [72, 40, 8, 10]);
    const shadow = contactShadow(subject, 8, ROOM);
    expect([at(shadow, 29, 80), at(shadow, 54, 80)].every((value) => value > 120)).toBe(true);
    expect(at(shadow, 41, 80)).toBeLessThan(at(shadow, 29, 80) / 2);
    expect(at(shadow, 76, 52)).toBe(0);
    // Nothing of it lies far above the ground.
    expect(at(shadow, 29, 60)).toBe(0);
  });

  it('reaches no further than it says, also beyond the plane of the subject', () => {
    const subject = planeOf(SIZE, [0, 60, 100, 40]);
    const room = Math.ceil(contactReach(10));
    const shadow = contactShadow(subject, 10, room);
    const { x, y, width, height } = filledBounds(shadow);
    expect(y + height).toBeGreaterThan(SIZE + room);
    expect(Math.min(x, y)).toBeGreaterThan(0);
    expect(Math.max(x + width, y + height)).toBeLessThan(SIZE + 2 * room);
  });

  it('is empty where there is no subject', () => {
    expect(contactShadow(planeOf(SIZE), 8, ROOM).data.some((value) => value > 0)).toBe(false);
  });
});
