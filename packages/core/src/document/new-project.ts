import { newId } from './new-id.js';
import { PROJECT_VERSION, type Project, type Sheet, type Unit } from './project.js';
import { STARTING_ROLES } from './roles.js';
import { toPx } from './units.js';

/** The size of a new sheet in its unit. */
export interface SheetSize {
  readonly width: number;
  readonly height: number;
  readonly unit: Unit;
  /** @default 72 for px, 300 otherwise */
  readonly dpi?: number;
}

/** Swatches of a new project: paper, ink, and the glazes of the house palette. */
export const STARTING_SWATCHES = [
  '#ffffff',
  '#fbf8f1',
  '#e9dcc3',
  '#20272a',
  '#1d5a4c',
  '#cf4a22',
  '#d9a13f',
  '#7a93a8',
] as const;

export function newSheet(size: SheetSize, name = 'Sheet 1'): Sheet {
  const dpi = size.dpi ?? (size.unit === 'px' ? 72 : 300);
  return {
    id: newId('sheet'),
    name,
    width: toPx(size.width, size.unit, dpi),
    height: toPx(size.height, size.unit, dpi),
    dpi,
    bleed: 0,
    margin: 0,
    background: { type: 'colour', colour: '#ffffff' },
    placements: {},
    guides: [],
    items: [],
    crossings: [],
  };
}

/** A project with one empty white sheet. */
export function newProject(name: string, size: SheetSize): Project {
  return {
    format: 'kadrosyn',
    version: PROJECT_VERSION,
    name,
    unit: size.unit,
    swatches: [...STARTING_SWATCHES],
    roles: STARTING_ROLES,
    photos: {},
    sheets: [newSheet(size)],
  };
}
