import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import type { FaceAxes } from './faces.js';
import { measureLettering } from './lettering-path.js';
import { scaled } from './scaled.js';
import type { Shaper } from './shaper.js';

/** Halvings of the range of an axis: to within a thousandth of it. */
const HALVINGS = 10;

/**
 * The lettering set so that it takes a box, without distortion: by the face's width first, then its weight, then the size. What is left over
 * stays empty; letters are never stretched.
 * @param axesOf - the axes of each face.
 */
export function fillBox(
  outline: LetteringOutline,
  width: number,
  height: number,
  axesOf: (face: string) => FaceAxes,
  shaper: Shaper,
): LetteringOutline {
  const { stretch: _stretch, along: _along, ...straight } = outline;
  let next: LetteringOutline = straight;
  const wanted = width / height;
  next = axisFor(next, 'wdth', wanted, axesOf, shaper);
  // Weight is only taken where width alone does not reach: a word does not become thin to fit into a little less room.
  const isFar = Math.abs(Math.log(ratio(next, shaper) / wanted)) > 0.02;
  if (isFar) next = axisFor(next, 'wght', wanted, axesOf, shaper);
  const size = measureLettering(next, shaper);
  return scaled(next, Math.min(width / size.width, height / size.height));
}

/** Letters that would become higher than this share of the height that there is are made wider first, where their face can. */
const TALL = 0.45;

/**
 * The lettering as wide as there is room, in one go: width and weight of the face are taken first where the letters would become tall, then the
 * size. Only where even that is too high for `height` it stays narrower. What fills the width already stays as it is.
 * @param axesOf - the axes of each face.
 */
export function fillWidth(
  outline: LetteringOutline,
  width: number,
  height: number,
  axesOf: (face: string) => FaceAxes,
  shaper: Shaper,
): LetteringOutline {
  const { stretch: _stretch, along: _along, ...straight } = outline;
  const isTall = width / ratio(straight, shaper) > TALL * height;
  const set = isTall ? fillBox(straight, width, TALL * height, axesOf, shaper) : straight;
  const size = measureLettering(set, shaper);
  return scaled(set, Math.min(width / size.width, height / size.height));
}

/** The same letters with an axis of every face that has it at a share of its range. */
export function withAxis(
  outline: LetteringOutline,
  tag: string,
  share: number,
  axesOf: (face: string) => FaceAxes,
): LetteringOutline {
  return {
    ...outline,
    runs: outline.runs.map((run) => {
      const axis = axesOf(run.face)[tag];
      if (!axis) return run;
      return { ...run, axes: { ...run.axes, [tag]: Math.round((axis.min + share * (axis.max - axis.min)) * 10) / 10 } };
    }),
  };
}

function canReach(outline: LetteringOutline, tag: string, axesOf: (face: string) => FaceAxes): boolean {
  return outline.runs.some((run) => tag in axesOf(run.face));
}

/** The value of an axis at which the proportions are as wanted, or the nearest end of its range. */
function axisFor(
  outline: LetteringOutline,
  tag: string,
  wanted: number,
  axesOf: (face: string) => FaceAxes,
  shaper: Shaper,
): LetteringOutline {
  if (!canReach(outline, tag, axesOf)) return outline;
  let [low, high] = [0, 1];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (ratio(withAxis(outline, tag, middle, axesOf), shaper) > wanted) high = middle;
    else low = middle;
  }
  // Both ends are tried, so that a range that does not reach is used up.
  const candidates = [0, (low + high) / 2, 1].map((share) => withAxis(outline, tag, share, axesOf));
  const off = (candidate: LetteringOutline): number => Math.abs(Math.log(ratio(candidate, shaper) / wanted));
  return candidates.reduce((best, candidate) => (off(candidate) < off(best) - 1e-9 ? candidate : best));
}

/** Width for a height of 1. */
function ratio(outline: LetteringOutline, shaper: Shaper): number {
  const { width, height } = measureLettering(outline, shaper);
  return width / height;
}
