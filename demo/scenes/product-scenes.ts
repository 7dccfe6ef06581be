import { grain, planks, speckles } from './textures.js';
import { add, ball, block, frameOf, ground, ring, tube, type Material, type Vector } from './solids.js';
import { seenAt, type Scene } from './trace-paths.js';

/** A scene, and the places of its areas: what is printed on, px of its picture. */
export interface ProductScene {
  readonly scene: Scene;
  readonly areas: Readonly<Record<string, readonly (readonly [number, number])[]>>;
}

const plaster: Material = { colour: (p) => tinted([0.74, 0.7, 0.645], 1 + 0.05 * grain(p, 9) + 0.02 * grain(p, 1.1)) };
const oak: Material = { colour: (p) => tinted([0.52, 0.37, 0.235], planks(p)) };
const clay: Material = { colour: (p) => tinted([0.5, 0.27, 0.17], 1 + 0.1 * grain(p, 0.8)) };
const paper: Material = { colour: (p) => tinted([0.82, 0.805, 0.78], 1 + 0.012 * grain(p, 0.12)) };
const cork: Material = { colour: (p) => tinted([0.55, 0.38, 0.23], speckles(p, 0.32)) };
const kraft: Material = {
  colour: (p) => tinted([0.5, 0.355, 0.22], 1 + 0.05 * grain(p, 0.16) + 0.05 * grain([p[0] * 0.15, p[1] * 4, p[2]], 0.5)),
};
const glaze: Material = { colour: (p) => tinted([0.12, 0.16, 0.165], 1 + 0.25 * grain(p, 1.6)), gloss: 0.05, rough: 0.035 };
const brass: Material = { colour: () => [0.62, 0.43, 0.16], gloss: 0.4, rough: 0.12 };

function tinted([r, g, b]: Vector, by: number): Vector {
  return [r * by, g * by, b * by];
}

const SIZE = 1200;
/** A tall window to the left, in front of the wall. */
const window = {
  corner: [-160, 150, 60] as Vector,
  across: [40, 0, 110] as Vector,
  down: [0, -130, 0] as Vector,
  light: [9.6, 9.1, 8.4] as Vector,
};
const room: Vector = [0.34, 0.335, 0.33];

/** A poster pinned to a cork board that leans against the wall on a shelf. */
function posterBoard(): ProductScene {
  const lean = 7;
  const [, up, out] = frameOf(0, lean);
  const middle: Vector = [0, 33.2, 5.6];
  const [width, height] = [42, 59.4];
  const sheet = add(middle, out, 0.92);
  const frame = frameOf(0, lean);
  const at = (x: number, y: number): Vector => add(add(add(sheet, frame[0], x), up, y), out, 0.03);
  const pin = (x: number): Vector => add(at(x, height / 2 - 1.6), out, 0.25);
  const scene: Scene = {
    solids: [
      ground([0, 0, 1], [0, 0, 0], plaster),
      ground([0, 1, 0], [0, 0, 0], oak),
      block(middle, [52, 66.2, 1.6], 0, lean, cork),
      block(sheet, [width, height, 0.06], 0, lean, paper),
      ball(pin(-19), 0.5, brass),
      ball(pin(19), 0.5, brass),
      ball([32.6, 6, 13], 6, clay),
      tube([32.6, 10.8, 13], 2.5, 3.2, clay),
    ],
    window,
    room,
    camera: { at: [5, 44, 190], to: [2.5, 32.5, 4], angle: 25 },
    width: SIZE,
    height: SIZE,
  };
  const corners = [
    at(-width / 2, height / 2),
    at(width / 2, height / 2),
    at(width / 2, -height / 2),
    at(-width / 2, -height / 2),
  ];
  return { scene, areas: { poster: corners.map((corner) => seenAt(scene, corner)) } };
}

/** A paper label round a stoneware jar with a cork. */
function labelJar(): ProductScene {
  const foot: Vector = [0, 0, 26];
  const [radius, label] = [4.6, 4.62];
  const [low, high] = [2.6, 8.4];
  const around = 80;
  const shoulder = add(foot, [0, 10.6, 0]);
  const scene: Scene = {
    solids: [
      ground([0, 0, 1], [0, 0, 0], plaster),
      ground([0, 1, 0], [0, 0, 0], oak),
      tube(add(foot, [0, 0.35, 0]), radius, 10.25, glaze),
      tube(add(foot, [0, 0, 0]), radius - 0.35, 0.4, glaze),
      ring(shoulder, radius - 0.8, 0.8, glaze),
      tube(shoulder, radius - 0.8, 0.8, glaze),
      tube(add(foot, [0, 11, 0]), 2.9, 1.3, glaze),
      ring(add(foot, [0, 12.2, 0]), 2.75, 0.3, glaze),
      tube(add(foot, [0, 12, 0]), 2.35, 2.1, cork),
      tube(add(foot, [0, low, 0]), label, high - low, paper, around),
      ball([8.4, 2.2, 17], 2.2, clay),
    ],
    window,
    room,
    camera: { at: [1.5, 16, 108], to: [0.9, 6.7, 26], angle: 13.4 },
    width: SIZE,
    height: SIZE,
  };
  const [cx, cz] = [scene.camera.at[0] - foot[0], scene.camera.at[2] - foot[2]];
  const facing = Math.atan2(cx, cz);
  const on = (degrees: number, y: number): readonly [number, number] => {
    const t = (degrees * Math.PI) / 180 + facing;
    return seenAt(scene, add(foot, [label * Math.sin(t), y, label * Math.cos(t)]));
  };
  const silhouette = (Math.acos(label / Math.hypot(cx, cz)) * 180) / Math.PI;
  return {
    scene,
    areas: {
      label: [on(-silhouette, high), on(silhouette, high), on(silhouette, low), on(-silhouette, low), on(0, high), on(0, low)],
      kappa: [[label / Math.hypot(cx, cz), (facing * 180) / Math.PI]],
    },
  };
}

/** A box with a lid on the table, its front and its lid free. */
function lidBox(): ProductScene {
  const turn = -27;
  const size: Vector = [20, 8.2, 13];
  const cover: Vector = [20.4, 3.4, 13.4];
  const middle: Vector = [0, size[1] / 2, 26];
  const lid: Vector = [0, 9 - cover[1] / 2, 26];
  const [across, up, out] = frameOf(turn, 0);
  const at = (x: number, y: number, z: number): Vector => add(add(add(lid, across, x), up, y), out, z);
  const scene: Scene = {
    solids: [
      ground([0, 0, 1], [0, 0, 0], plaster),
      ground([0, 1, 0], [0, 0, 0], oak),
      block(middle, size, turn, 0, kraft),
      block(lid, cover, turn, 0, kraft),
      ball([-14.2, 3.1, 13], 3.1, clay),
      tube([-14.2, 5.4, 13], 1.3, 2, clay),
    ],
    window,
    room,
    camera: { at: [2, 34, 112], to: [-0.4, 4.2, 25], angle: 18 },
    width: SIZE,
    height: SIZE,
  };
  const [x, z, top] = [cover[0] / 2, cover[2] / 2, cover[1] / 2];
  const front = (from: number, y: number): Vector => add(add(add(middle, across, from), up, y), out, size[2] / 2);
  const [below, above] = [-size[1] / 2, 9 - cover[1] - size[1] / 2];
  return {
    scene,
    areas: {
      lid: [at(-x, top, -z), at(x, top, -z), at(x, top, z), at(-x, top, z)].map((corner) => seenAt(scene, corner)),
      front: [front(-size[0] / 2, above), front(size[0] / 2, above), front(size[0] / 2, below), front(-size[0] / 2, below)].map(
        (corner) => seenAt(scene, corner),
      ),
    },
  };
}

/** The scenes of mockups of our own, by the name of their picture. */
export const PRODUCT_SCENES: Readonly<Record<string, () => ProductScene>> = {
  'poster-board': posterBoard,
  'label-jar': labelJar,
  'lid-box': lidBox,
};
