export * from './node-environment.js';
export * from './decode-photo.js';
export * from './render-sheet.js';
export * from './load-faces.js';
