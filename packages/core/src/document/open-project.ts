import { MIGRATIONS, type Migration } from './migrations.js';
import { PROJECT_VERSION, type Project } from './project.js';
import { validateProject } from './project-validator.generated.js';
import { photosUsed } from './find-item.js';

/** What opening a stored document gives: the project, or a sentence for a person that says why not. */
export type Opened = { readonly ok: true; readonly project: Project } | { readonly ok: false; readonly reason: string };

/**
 * Reads a document of any earlier version: migrates it, checks it against the schema, and checks that every
 * photo that is shown is listed. Never throws on bad input.
 */
export function openProject(raw: unknown, migrations: readonly Migration[] = MIGRATIONS): Opened {
  if (!isRecord(raw) || raw['format'] !== 'kadrosyn') return refuse('This is not a Kadrosyn project.');
  const version = raw['version'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return refuse('The project does not say which version of the format it is.');
  }
  if (version > PROJECT_VERSION) {
    return refuse(`The project was made by a newer version (format ${version}); this one reads up to ${PROJECT_VERSION}.`);
  }
  let document: Record<string, unknown> = raw;
  for (const migration of migrations) {
    if (document['version'] === migration.from) document = { ...migration.apply(document), version: migration.from + 1 };
  }
  if (!validateProject(document)) {
    const [first] = validateProject.errors ?? [];
    return refuse(`The project is damaged at ${first?.instancePath || 'its root'}: ${first?.message ?? 'unreadable'}.`);
  }
  const project = document as unknown as Project;
  for (const photoId of photosUsed(project)) {
    if (!(photoId in project.photos)) return refuse(`The project shows a photo that it does not list (${photoId}).`);
  }
  return { ok: true, project };
}

function refuse(reason: string): Opened {
  return { ok: false, reason };
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
