import { labelParts } from '../../breakout/label.js';
import { blurValues } from '../../finish/blur.js';
import { distanceTo } from '../../finish/distance.js';
import type { AreaCrop, Light } from './area-crop.js';

/** How far a logarithm is off in hue, darker than any shadow, or lighter than the surface, where something stands in front. */
const [HUE, SHADOW, DARKER, LIGHTER] = [0.16, 0.9, 0.35, 0.12];
const BLUR = 0.8;
/** What stands in front reaches so deep into the area: px, and a share of its shorter side. What does not is the edge of the frame. */
const [DEEP, DEEP_SHARE] = [8, 0.02];
/** How far what is less deep may be from what is, as a multiple of that depth. */
const NEAR_DEEP = 1.5;
/** px, and a share of the area: less is a speck, and a smaller hole is filled. */
const [SPECK, HOLE] = [40, 0.004];
/** A hole that is no more other than this on average is a gap through which the surface is seen. */
const DOUBTFUL = 0.4;

/** What tells the surface from what stands in front of it. */
export interface Told {
  /** From 1 on it is something else. */
  readonly otherness: Float32Array;
  /** How much light falls on the surface: the logarithm of its share of the model's. */
  readonly shade: Float32Array;
}

/** How each px differs from the surface: in hue and too dark or too light (otherness), or as a shadow does (shade). */
export function toldApart({ width, height, logs, depth }: AreaCrop, model: Light): Told {
  const [red, green, blue] = logs;
  const [modelRed, modelGreen, modelBlue] = model;
  const [otherness, shade] = [new Float32Array(depth.length), new Float32Array(depth.length)];
  for (let i = 0; i < depth.length; i++) {
    const [r, g, b] = [red[i]! - modelRed[i]!, green[i]! - modelGreen[i]!, blue[i]! - modelBlue[i]!];
    const neutral = (r + g + b) / 3;
    const hue = Math.sqrt((r - neutral) ** 2 + (g - neutral) ** 2 + (b - neutral) ** 2);
    shade[i] = neutral;
    otherness[i] = depth[i] === 0 ? 0 : Math.max(hue / HUE, (-neutral - SHADOW) / DARKER, (neutral - LIGHTER / 3) / LIGHTER);
  }
  blurValues(otherness, width, height, BLUR);
  return { otherness, shade };
}

/** 1 where something stands in front: what is other, without specks, without the edge of the frame, and with small holes filled. */
export function standingInFront({ width, height, depth }: AreaCrop, otherness: Float32Array): Uint8Array {
  const deepest = Math.max(DEEP, DEEP_SHARE * Math.min(width, height));
  const [core, deep] = [new Uint8Array(depth.length), new Uint8Array(depth.length)];
  let inside = 0;
  let isAny = false;
  for (let i = 0; i < core.length; i++) {
    if (depth[i] === 0) continue;
    inside++;
    if (otherness[i]! < 1) continue;
    core[i] = 1;
    if (depth[i]! < deepest) continue;
    deep[i] = 1;
    isAny = true;
  }
  if (!isAny) return core.fill(0);
  // The shaded side of a frame may touch what stands there: only what is near the deep part of it belongs to it.
  const near = distanceTo({ width, height, data: deep }, 1);
  for (let i = 0; i < core.length; i++) if (near[i]! > NEAR_DEEP * deepest) core[i] = 0;
  const parts = labelParts(core, width, height);
  for (let i = 0; i < core.length; i++) if (parts.at[i]! > 0 && parts.areas[parts.at[i]!]! < SPECK) core[i] = 0;
  const open = new Uint8Array(core.length);
  for (let i = 0; i < core.length; i++) if (core[i] === 0 && depth[i]! > 0) open[i] = 1;
  const holes = labelParts(open, width, height);
  const sums = new Float64Array(holes.areas.length);
  for (let i = 0; i < core.length; i++) sums[holes.at[i]!]! += otherness[i]!;
  const isFilled = holes.areas.map((area, hole) => area < SPECK || (area < HOLE * inside && sums[hole]! > DOUBTFUL * area));
  for (let i = 0; i < core.length; i++) if (holes.at[i]! > 0 && isFilled[holes.at[i]!]) core[i] = 1;
  return core;
}
