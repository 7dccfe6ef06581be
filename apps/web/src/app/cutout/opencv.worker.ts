import { personMask, type Pixels, type Plane } from '@kadrosyn/core';
import { expose, transfer } from 'comlink';
import type { LoadingOpenCV, Mat, Net, OpenCV, Scissors } from './opencv-parts';

/** Side of the picture that the model of persons takes, px. */
const PERSON_SIDE = 256;
let loading: Promise<{ readonly cv: OpenCV }> | null = null;
let person: Net | null = null;
let scissors: Scissors | null = null;

/** Where scripts/build-assets.mjs puts it: 11 MB that no build has to read. */
const OPENCV = new URL('/opencv.js', location.origin).href;

/** Fetched when it is first needed. The module can be awaited itself, so it is handed on in a box. */
function load(): Promise<{ readonly cv: OpenCV }> {
  loading ??= (import(OPENCV) as Promise<{ readonly default: LoadingOpenCV }>).then(async ({ default: module }) => {
    const cv = await unwrapped(module);
    return { cv };
  });
  return loading;
}

async function unwrapped(module: LoadingOpenCV): Promise<OpenCV> {
  if (typeof module.then !== 'function') {
    if (!module.Mat) await new Promise<void>((resolve) => (module.onRuntimeInitialized = resolve));
    return module as OpenCV;
  }
  const box = await new Promise<{ cv: OpenCV }>((resolve) => {
    (module.then as (done: (cv: LoadingOpenCV) => void) => void)((cv) => {
      delete cv.then;
      resolve({ cv: cv as OpenCV });
    });
  });
  return box.cv;
}

/** Things of OpenCV that have to be given back. */
class Held {
  private readonly things: { delete(): void }[] = [];

  keep<T extends { delete(): void }>(thing: T): T {
    this.things.push(thing);
    return thing;
  }

  free(): void {
    for (const thing of this.things) thing.delete();
  }
}

async function withHeld<T>(work: (cv: OpenCV, held: Held) => T): Promise<T> {
  const { cv } = await load();
  const held = new Held();
  try {
    return work(cv, held);
  } finally {
    held.free();
  }
}

/** Red, green and blue of pixels. */
function colours(cv: OpenCV, held: Held, { width, height, data }: Pixels): Mat {
  const all = held.keep(new cv.Mat(height, width, cv.CV_8UC4));
  all.data.set(data);
  const rgb = held.keep(new cv.Mat());
  cv.cvtColor(all, rgb, cv.COLOR_RGBA2RGB);
  return rgb;
}

/** How likely each px of a square is to be a person's. */
function asked(cv: OpenCV, held: Held, net: Net, picture: Mat): Float32Array {
  const size = new cv.Size(PERSON_SIDE, PERSON_SIDE);
  net.setInput(held.keep(cv.blobFromImage(picture, 1 / 255, size, new cv.Scalar(0, 0, 0, 0), false, false)));
  return Float32Array.from(held.keep(net.forward()).data32F);
}

const slow = {
  /** Where persons are, in the size of the pixels; null where the model is not sure of any. @param model - its file. */
  person(pixels: Pixels, model: Uint8Array): Promise<Plane | null> {
    return withHeld((cv, held) => {
      if (!person) {
        cv.FS_createDataFile('/', 'person.tflite', model, true, false, false);
        person = cv.readNetFromTFLite('/person.tflite');
      }
      const rgb = colours(cv, held, pixels);
      const mirror = held.keep(new cv.Mat());
      cv.flip(rgb, mirror, 1);
      const found = personMask(asked(cv, held, person, rgb), asked(cv, held, person, mirror));
      if (!found) return null;
      const small = held.keep(new cv.Mat(PERSON_SIDE, PERSON_SIDE, cv.CV_8UC1));
      small.data.set(found.data);
      const large = held.keep(new cv.Mat());
      cv.resize(small, large, new cv.Size(pixels.width, pixels.height), 0, 0, cv.INTER_LINEAR);
      const data = Uint8Array.from(large.data, (value: number) => (value >= 128 ? 255 : 0));
      return transfer({ width: pixels.width, height: pixels.height, data }, [data.buffer]);
    });
  },

  /** Prepares a picture for tracing. */
  look(pixels: Pixels): Promise<void> {
    return withHeld((cv, held) => {
      scissors?.delete();
      scissors = new cv.segmentation_IntelligentScissorsMB();
      scissors.setEdgeFeatureCannyParameters(32, 100);
      scissors.setGradientMagnitudeMaxLimit(200);
      scissors.applyImage(colours(cv, held, pixels));
    });
  },

  /** The path along edges between two points, px of the picture: [x0, y0, x1, y1, ...]. */
  path(from: readonly [number, number], to: readonly [number, number]): Promise<number[]> {
    return withHeld((cv, held) => {
      if (!scissors) throw new Error('No picture was prepared for tracing');
      scissors.buildMap(new cv.Point(from[0], from[1]));
      const contour = held.keep(new cv.Mat());
      scissors.getContour(new cv.Point(to[0], to[1]), contour);
      return Array.from(contour.data32S);
    });
  },
};

export type SlowCutter = typeof slow;

expose(slow);
