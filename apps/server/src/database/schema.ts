/** All tables: what the migrations are made from. */
export * from './photo-tables.js';
export * from './project-tables.js';
export * from './supply-tables.js';
export * from './workspace-tables.js';
