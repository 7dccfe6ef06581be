import { add, cross, dot, unit, type Hit, type Solid, type Vector } from './solids.js';

/** A window: light comes from the rectangle that goes from a corner along two sides. */
interface Window {
  readonly corner: Vector;
  readonly across: Vector;
  readonly down: Vector;
  readonly light: Vector;
}

interface Camera {
  readonly at: Vector;
  readonly to: Vector;
  /** Degrees of what is seen across. */
  readonly angle: number;
}

export interface Scene {
  readonly solids: readonly Solid[];
  readonly window: Window;
  /** Light of the room, from every side. */
  readonly room: Vector;
  readonly camera: Camera;
  readonly width: number;
  readonly height: number;
}

/** How often light is followed from surface to surface. */
const BOUNCES = 3;

/** Where a place is seen, px. */
export function seenAt({ camera, width, height }: Scene, place: Vector): readonly [number, number] {
  const { ahead, right, up, px } = view(camera, width);
  const from = add(place, camera.at, -1);
  const depth = dot(from, ahead);
  return [width / 2 + (px * dot(from, right)) / depth, height / 2 - (px * dot(from, up)) / depth];
}

function view({ at, to, angle }: Camera, width: number): { ahead: Vector; right: Vector; up: Vector; px: number } {
  const ahead = unit(add(to, at, -1));
  const right = unit(cross(ahead, [0, 1, 0]));
  return { ahead, right, up: cross(right, ahead), px: width / (2 * Math.tan((angle * Math.PI) / 360)) };
}

/**
 * One row of a scene by path tracing (J. Kajiya, "The rendering equation", 1986), with light sampled from the window at each surface.
 * @param samples - paths for each px
 * @returns linear light, three values a px
 */
export function traceRow(scene: Scene, y: number, samples: number): Float32Array {
  const { camera, width, height } = scene;
  const { ahead, right, up, px } = view(camera, width);
  const random = randomFrom(y + 1);
  const row = new Float32Array(3 * width);
  const side = Math.ceil(Math.sqrt(samples));
  for (let x = 0; x < width; x++) {
    const sum = [0, 0, 0];
    for (let sample = 0; sample < samples; sample++) {
      // Spread evenly over the px, and about as soft as a lens is.
      const jitter = [(sample % side) + random(), Math.floor(sample / side) + random()].map((value) => spread(value / side));
      const across = (x + 0.5 + jitter[0]! - width / 2) / px;
      const rising = (height / 2 - y - 0.5 - jitter[1]!) / px;
      // Another order, so that a part of the px does not see one part of the window only.
      const part = (5 * sample + 2) % (side * side);
      const strata = [((part % side) + random()) / side, (Math.floor(part / side) + random()) / side] as const;
      const light = follow(scene, camera.at, unit(add(add(ahead, right, across), up, rising)), strata, random);
      for (let c = 0; c < 3; c++) sum[c] = sum[c]! + Math.min(4, light[c]!);
    }
    for (let c = 0; c < 3; c++) row[3 * x + c] = sum[c]! / samples;
  }
  return row;
}

/** From 0 to 1 to a bell of deviation 0.5 px. */
function spread(share: number): number {
  return 0.5 * Math.log(share / (1 - share + 1e-9) + 1e-9) * 0.55;
}

/** @param strata - where in the window light is looked for first, 0 to 1 */

function follow(
  { solids, window, room }: Scene,
  from: Vector,
  along: Vector,
  strata: readonly [number, number],
  random: () => number,
): Vector {
  let through: Vector = [1, 1, 1];
  let light: Vector = [0, 0, 0];
  const multiplied = (a: Vector, b: Vector): Vector => [a[0] * b[0], a[1] * b[1], a[2] * b[2]];
  let origin = from;
  let direction = along;
  for (let bounce = 0; bounce < BOUNCES; bounce++) {
    const hit = nearest(solids, origin, direction);
    if (!hit) return add(light, multiplied(through, seenInRoom(window, room, origin, direction, bounce)));
    const { normal, material } = hit;
    const place = onto(origin, direction, hit);
    const facing = -dot(direction, normal);
    const mirrored = (material.gloss ?? 0) + (1 - (material.gloss ?? 0)) * (material.gloss ? (1 - facing) ** 5 : 0);
    if (mirrored > 0 && bounce === 0) {
      // Both ways are followed where one looks straight at it: chance alone would make its lights grainy.
      const straight = unit(add(add(direction, normal, 2 * facing), inBall(random), material.rough ?? 0.02));
      const seen = nearest(solids, place, straight);
      const mirror = seen
        ? multiplied(
            seen.material.colour(seen.local),
            fromWindow(solids, window, onto(place, straight, seen), seen.normal, ...strata),
          )
        : seenInRoom(window, room, place, straight, 0);
      light = add(light, multiplied(through, mirror), mirrored);
      through = multiplied(through, [1 - mirrored, 1 - mirrored, 1 - mirrored]);
    }
    through = multiplied(through, material.colour(hit.local));
    const u = bounce === 0 ? strata[0] : random();
    const v = bounce === 0 ? strata[1] : random();
    light = add(light, multiplied(through, fromWindow(solids, window, place, normal, u, v)));
    direction = unit(add(normal, unit(inBall(random))));
    origin = place;
  }
  return light;
}

/** Just before what a ray meets. */
function onto(from: Vector, along: Vector, { distance, normal }: Hit): Vector {
  return add(add(from, along, distance), normal, 1e-3);
}

function nearest(solids: readonly Solid[], from: Vector, along: Vector): Hit | null {
  let found: Hit | null = null;
  let most = Infinity;
  for (const solid of solids) {
    const hit = solid.hit(from, along, most);
    if (!hit) continue;
    found = hit;
    most = hit.distance;
  }
  return found;
}

/** Light from a place of the window, as far as nothing stands between. */

function fromWindow(solids: readonly Solid[], window: Window, place: Vector, normal: Vector, u: number, v: number): Vector {
  const { corner, across, down, light } = window;
  const target = add(add(corner, across, u), down, v);
  const way = add(target, place, -1);
  const distance = Math.hypot(way[0], way[1], way[2]);
  const along = unit(way);
  const face = cross(across, down);
  const area = Math.hypot(face[0], face[1], face[2]);
  const share = (Math.max(0, dot(normal, along)) * (Math.abs(dot(face, along)) / area) * area) / (Math.PI * distance ** 2);
  if (share === 0) return [0, 0, 0];
  const isFree = solids.every((solid) => !solid.hit(place, along, distance));
  return isFree ? [light[0] * share, light[1] * share, light[2] * share] : [0, 0, 0];
}

/** What a ray that meets nothing sees: the room, and the window where it was not counted already. */
function seenInRoom({ corner, across, down, light }: Window, room: Vector, from: Vector, along: Vector, bounce: number): Vector {
  if (bounce > 0) return room;
  const face = cross(across, down);
  const distance = dot(add(corner, from, -1), face) / dot(along, face);
  const at = add(add(from, along, distance), corner, -1);
  const [u, v] = [dot(at, across) / dot(across, across), dot(at, down) / dot(down, down)];
  return distance > 0 && u > 0 && u < 1 && v > 0 && v < 1 ? light : room;
}

function inBall(random: () => number): Vector {
  for (;;) {
    const p: Vector = [2 * random() - 1, 2 * random() - 1, 2 * random() - 1];
    const length = dot(p, p);
    if (length <= 1 && length > 1e-4) return p;
  }
}

/** Numbers from 0 to 1, the same for the same seed. */
export function randomFrom(seed: number): () => number {
  let state = (seed * 2654435761) >>> 0 || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 4294967296;
  };
}
