export * from './sample-photos.js';
export * from './sample-projects.js';
export * from './picture-tags.js';
export * from './sample-templates.js';
export * from './cut-out-pictures.js';
export * from './sample-focus.js';
export * from './mockup-areas.js';
