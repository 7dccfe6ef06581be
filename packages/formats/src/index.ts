export * from './out/out-format.js';
export * from './out/formats.js';
export { TooManyBytes, USUAL_QUALITY } from './out/within-bytes.js';
export * from './in/sniff.js';
export { isOptimised, masterOf, withoutNotes, type PhotoNotes } from './in/master-of.js';
export * from './in/face-type.js';
export { FACE_LIMITS, unpackFont } from './in/unpack-font.js';
export { zipOf } from './archive/zip-of.js';
export * from './archive/kadro.js';
