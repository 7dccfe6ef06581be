export * from './paper.js';
export { laySheets, type PaperChoice, type SizedSheet } from './lay-sheets.js';
export { withBleed } from './with-bleed.js';
