import { applyEdit, EditError, isNestedTooDeep, openProject, photosUsed, type Edit, type Project } from '@kadrosyn/core';
import { CodedError } from '../coded-error.js';
import type { TaskPools } from '../tasks/task-pools.js';
import { KnownDocuments } from './known-documents.js';

export type Edits = readonly Edit[];

/** A document that was checked: as JSON, and the ids of the photos that it shows. */
export interface CheckedDocument {
  readonly json: string;
  readonly photoIds: readonly string[];
  /** Taken apart, where it was small enough to be read here. */
  readonly project?: Project;
}

/** What came of reading or changing a document; a refusal is answered with its code and its sentence. */
export type ChangedDocument =
  | ({ readonly ok: true } & CheckedDocument)
  | { readonly ok: false; readonly code: string; readonly message: string; readonly detail: Readonly<Record<string, unknown>> };

/** Characters of JSON that are read where requests are answered: some ten ms. More is read in a process of its own. */
const SMALL = 100_000;
/** Characters of JSON that a project may have: as much as a save may send. */
export const MOST_DOCUMENT = 16 * 2 ** 20;

const TOO_DEEP = 'There are more groups within groups than can be opened. Nothing was changed.';

/** Reads and changes documents, large ones where they hold up nobody. */
export class Documents {
  readonly known = new KnownDocuments();

  constructor(private readonly tasks: TaskPools) {}

  /** The document as JSON of today's format. @throws CodedError 422 when it is no valid project. */
  async check(json: string): Promise<CheckedDocument> {
    return accepted(json.length <= SMALL ? changeDocument(json) : await this.tasks.document({ document: json }));
  }

  /** The same for a document that has been taken apart already. */
  async checkValue(document: unknown): Promise<CheckedDocument> {
    if (isNestedTooDeep(document)) throw new CodedError(422, 'not-a-project', TOO_DEEP);
    return this.check(JSON.stringify(document));
  }

  /**
   * The document with edits applied, checked as a whole.
   * @param document - as JSON, or as it is known.
   * @throws CodedError 422 when they do not fit, or what results is no valid project.
   */
  async edit(document: string | Project, edits: Edits): Promise<CheckedDocument> {
    if (isNestedTooDeep(edits)) throw new CodedError(422, 'edit-does-not-fit', TOO_DEEP);
    const sent = JSON.stringify(edits);
    const isLarge = sent.length > SMALL || (typeof document === 'string' && document.length > SMALL);
    if (!isLarge)
      return accepted(typeof document === 'string' ? changeDocument(document, edits) : changeProject(document, edits));
    const json = typeof document === 'string' ? document : JSON.stringify(document);
    return accepted(await this.tasks.document({ document: json, edits: sent }));
  }
}

/** See `Documents`: the work itself, which knows no server. */
export function changeDocument(json: string, edits?: Edits | string): ChangedDocument {
  const opened = openProject(JSON.parse(json));
  if (!opened.ok) return refused('not-a-project', opened.reason, opened.where ? { where: opened.where } : {});
  if (edits === undefined) return checked(opened.project);
  return changeProject(opened.project, typeof edits === 'string' ? (JSON.parse(edits) as Edits) : edits);
}

/** The same for a document that has been checked before. */
function changeProject(project: Project, edits: Edits): ChangedDocument {
  let changed: Project;
  try {
    changed = edits.reduce(applyEdit, project);
  } catch (error) {
    if (!(error instanceof EditError || error instanceof TypeError)) throw error;
    const message = 'A change does not fit the saved project. Nothing was changed; reload and try again.';
    return refused('edit-does-not-fit', message, { reason: error.message });
  }
  const reopened = openProject(changed);
  return reopened.ok
    ? checked(reopened.project)
    : refused('not-a-project', reopened.reason, reopened.where ? { where: reopened.where } : {});
}

function checked(project: Project): ChangedDocument {
  const json = JSON.stringify(project);
  if (json.length > MOST_DOCUMENT) {
    return refused(
      'document-too-large',
      'The project has become too large to be saved. Take items away or begin another project.',
    );
  }
  const small = json.length <= SMALL ? { project } : {};
  return { ok: true, json, photoIds: [...photosUsed(project)], ...small };
}

function refused(code: string, message: string, detail: Readonly<Record<string, unknown>> = {}): ChangedDocument {
  return { ok: false, code, message, detail };
}

function accepted(changed: ChangedDocument): CheckedDocument {
  if (!changed.ok) throw new CodedError(422, changed.code, changed.message, changed.detail);
  return changed;
}
