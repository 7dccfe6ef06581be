export * from './write-task.js';
export { writeSheets } from './write-sheets.js';
export { fileSizes } from './file-sizes.js';
export { fileKindOf, type FileKind } from './file-kind.js';
export { ExportRefused, planExport, type ExportPlan } from './plan-export.js';
export { sheetResources } from './sheet-pages.js';
export { loadedShaper } from './shaper-of.js';
