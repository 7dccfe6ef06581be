import { backgroundOf, isBackground } from './background.js';
import { openingsOf } from './find-item.js';
import { migrated, MIGRATIONS } from './migrations/migrations.js';
import type { Migration } from './migrations/migration.js';
import { PROJECT_VERSION, type Project } from './project.js';
import { validators } from './project-validator.generated.js';
import { referencesOf } from './references.js';
import { isNestedTooDeep } from './nesting.js';
import type { SchemaFault } from './schema-fault.js';

/** What opening a stored document gives: the project, or a sentence for a person that says why not, and the place for whoever looks into it. */
export type Opened =
  { readonly ok: true; readonly project: Project } | { readonly ok: false; readonly reason: string; readonly where?: string };

/**
 * Reads a document of any earlier version: migrates it, checks it against the schema, and checks that every
 * photo that is shown is listed. Never throws on bad input.
 */
export function openProject(raw: unknown, migrations: readonly Migration[] = MIGRATIONS): Opened {
  if (!isRecord(raw) || raw['format'] !== 'kadrosyn') return refuse('This is not a Kadrosyn project.');
  if (isNestedTooDeep(raw)) return refuse('The project has more groups within groups than can be opened.');
  const version = raw['version'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return refuse('The project does not say which version of the format it is.');
  }
  if (version > PROJECT_VERSION) {
    return refuse(`The project was made by a newer version (format ${version}); this one reads up to ${PROJECT_VERSION}.`);
  }
  const document = migrated(raw, migrations);
  if (!validators.project(document)) {
    const [first] = validators.project.errors ?? [];
    return {
      ...refuse(`The project is damaged: ${placeWords(document, first?.instancePath ?? '')} can not be read.`),
      where: faultWords(first),
    };
  }
  const project = document as unknown as Project;
  for (const photoId of referencesOf(project).photos) {
    if (!(photoId in project.photos)) return { ...refuse('The project shows a photo that it does not list.'), where: photoId };
  }
  for (const sheetId of referencesOf(project).sheets) {
    if (!project.sheets.some(({ id }) => id === sheetId))
      return { ...refuse('The project shows a sheet that it does not have.'), where: sheetId };
  }
  for (const sheet of project.sheets) {
    const [, ...rest] = [...openingsOf(sheet.items)].filter(isBackground);
    if (rest.length > 0 || (backgroundOf(sheet) === undefined && [...openingsOf(sheet.items)].some(isBackground)))
      return refuse(`The project is damaged: the background of ${sheet.name} does not lie at the back.`);
  }
  return { ok: true, project };
}

function refuse(reason: string): Opened & { readonly ok: false } {
  return { ok: false, reason };
}

/** The place of a fault in words: which sheet, and which item of it by its name where it has one. */
function placeWords(document: unknown, pointer: string): string {
  const [list, key, ...rest] = pointer.split('/').slice(1);
  if (list === 'photos') return 'its list of photos';
  if (list !== 'sheets' || key === undefined) return 'its head';
  const sheet = `sheet ${Number(key) + 1}`;
  let at: unknown = isRecord(document) && Array.isArray(document['sheets']) ? document['sheets'][Number(key)] : undefined;
  let name: string | undefined;
  for (const step of rest) {
    at = typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[step] : undefined;
    if (isRecord(at) && typeof at['name'] === 'string' && at['name'] !== '') name = at['name'];
  }
  if (name !== undefined) return `“${name}” on ${sheet}`;
  return rest[0] === 'items' && rest[1] !== undefined ? `item ${Number(rest[1]) + 1} of ${sheet}` : sheet;
}

function faultWords(fault: SchemaFault | undefined): string {
  return `${fault?.instancePath || '/'}: ${fault?.message ?? 'unreadable'}`;
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
