/** A picture or a matrix. It has to be given back by `delete`; views of its data are stale after anything else was allocated. */
export interface Mat {
  readonly data: Uint8Array;
  readonly data32F: Float32Array;
  readonly data32S: Int32Array;
  delete(): void;
}

/** A model that can be asked. */
export interface Net {
  setInput(blob: Mat): void;
  forward(): Mat;
}

/** Values that OpenCV takes by themselves. */
type Value = object;

/** Finds the way along edges (E. Mortensen, W. Barrett, "Intelligent scissors", 1995). */
export interface Scissors {
  setEdgeFeatureCannyParameters(low: number, high: number): void;
  setGradientMagnitudeMaxLimit(most: number): void;
  applyImage(picture: Mat): void;
  buildMap(from: Value): void;
  getContour(to: Value, contour: Mat): void;
  delete(): void;
}

/** The parts of OpenCV.js that are used. Its own types know neither all of these nor what its pixels are. */
export interface OpenCV {
  readonly Mat: new (rows?: number, columns?: number, type?: number) => Mat;
  readonly Point: new (x: number, y: number) => Value;
  readonly Size: new (width: number, height: number) => Value;
  readonly Scalar: new (...values: number[]) => Value;
  readonly segmentation_IntelligentScissorsMB: new () => Scissors;
  readonly CV_8UC1: number;
  readonly CV_8UC4: number;
  readonly COLOR_RGBA2RGB: number;
  readonly INTER_LINEAR: number;
  cvtColor(from: Mat, to: Mat, code: number): void;
  flip(from: Mat, to: Mat, how: number): void;
  resize(from: Mat, to: Mat, size: Value, fx: number, fy: number, how: number): void;
  blobFromImage(picture: Mat, scale: number, size: Value, mean: Value, swapped: boolean, cropped: boolean): Mat;
  readNetFromTFLite(file: string): Net;
  FS_createDataFile(folder: string, name: string, data: Uint8Array, canRead: boolean, canWrite: boolean, canOwn: boolean): void;
}

/** The module while it may not be ready: it can be awaited itself, or says when it is. */
export interface LoadingOpenCV extends Partial<OpenCV> {
  then?: unknown;
  onRuntimeInitialized?: () => void;
}
