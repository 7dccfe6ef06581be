export * from './out/out-format.js';
export * from './out/formats.js';
export { TooManyBytes, USUAL_QUALITY } from './out/within-bytes.js';
export * from './in/sniff.js';
export * from './in/strip-jpeg.js';
export * from './in/strip-png.js';
export * from './in/strip-webp.js';
