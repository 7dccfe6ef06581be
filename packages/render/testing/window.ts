import { outlinePath, toPathData, type LetteringOutline } from '@kadrosyn/core';
import { loadFaces, picture, type PictureRequest } from './picture.js';

export type DrawPlace = 'window' | 'worker' | 'accelerated window';

/** Draws in the window or in a worker, and says how far the pixels are from those at `expected`. */
async function compare(
  request: PictureRequest,
  place: DrawPlace,
  expected: string,
): Promise<{ largest: number; different: number }> {
  const drawn = place === 'worker' ? await inWorker(request) : (await picture(request, windowCanvas(place === 'window'))).data;
  const wanted = new Uint8Array(await (await fetch(expected)).arrayBuffer());
  if (wanted.length !== drawn.length) throw new Error(`${drawn.length} bytes instead of ${wanted.length}`);
  let [largest, different] = [0, 0];
  for (let i = 0; i < drawn.length; i++) {
    const difference = Math.abs(drawn[i]! - wanted[i]!);
    if (difference > 0) different++;
    if (difference > largest) largest = difference;
  }
  return { largest, different };
}

function windowCanvas(willReadFrequently: boolean) {
  return (width: number, height: number): CanvasRenderingContext2D => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [width, height];
    return canvas.getContext('2d', { willReadFrequently })!;
  };
}

/** Kept from one picture to the next, with the faces and photos that it has read. */
let worker: Worker | null = null;

function inWorker(request: PictureRequest): Promise<Uint8ClampedArray> {
  worker ??= new Worker('/worker.js', { type: 'module' });
  const running = worker;
  return new Promise((resolve, reject) => {
    running.onmessage = ({ data }: MessageEvent<Uint8ClampedArray | string>) => {
      if (typeof data === 'string') reject(new Error(data));
      else resolve(data);
    };
    running.postMessage(request);
  });
}

/** Path data of letterings, each in a box as wide as `width`. */
async function letterings(outlines: readonly LetteringOutline[], width: number): Promise<string[]> {
  const shaper = await loadFaces();
  return outlines.map((outline) => toPathData(outlinePath(outline, width, width, shaper), 6));
}

declare global {
  interface Window {
    compare: typeof compare;
    letterings: typeof letterings;
  }
}
window.compare = compare;
window.letterings = letterings;
