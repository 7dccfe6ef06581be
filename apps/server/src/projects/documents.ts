import {
  applyEdit,
  EditError,
  isNestedTooDeep,
  openProject,
  referencesOf,
  rebaseEdits,
  rebaseWork,
  type Edit,
  type NeededMatte,
  type Project,
} from '@kadrosyn/core';
import { CodedError } from '../coded-error.js';
import type { TaskPools } from '../tasks/task-pools.js';
import { KnownDocuments } from './known-documents.js';

export type Edits = readonly Edit[];

/** A document that was checked: as JSON, with the photos and cutouts that it shows. */
export interface CheckedDocument {
  readonly json: string;
  readonly photoIds: readonly string[];
  readonly mattes: readonly NeededMatte[];
  /** Taken apart, where it was small enough to be read here. */
  readonly project?: Project;
}

/** Edits that were joined with what others did since the document that they were made of. */
export interface Joined {
  /** As they were applied. */
  readonly mine: Edits;
  /** What the others did, as it must read after the edits as they were made. */
  readonly others: Edits;
}

/** What came of reading or changing a document; a refusal is answered with its code and its sentence. */
export type ChangedDocument =
  | ({ readonly ok: true } & CheckedDocument & Partial<Joined>)
  | { readonly ok: false; readonly code: string; readonly message: string; readonly detail: Readonly<Record<string, unknown>> };

/** Characters of JSON that are read where requests are answered: some ten ms. More is read in a process of its own. */
const SMALL = 100_000;
/** Characters of JSON that a project may have: as much as a save may send. */
export const MOST_DOCUMENT = 16 * 2 ** 20;

/** Pairs of operations that are joined where requests are answered, and that are joined at all. */
const FEW_JOINED = 20_000;
const MOST_JOINED = 2_000_000;

const STALE = 'stale';
const STALE_WORDS =
  'The same thing was changed in another window in another way. What you did here is kept on this screen; reload to see the other state, or save a copy.';
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
   * @param since - what others did to the document that the edits were made of, and which is done in this one: the edits are joined with it.
   * @throws CodedError 422 when they do not fit, or what results is no valid project; 409 when they can not be joined.
   */
  async edit(document: string | Project, edits: Edits, since: Edits = []): Promise<CheckedDocument & Partial<Joined>> {
    if (isNestedTooDeep(edits)) throw new CodedError(422, 'edit-does-not-fit', TOO_DEEP);
    const work = rebaseWork(edits, since);
    if (work > MOST_JOINED) throw stale();
    const sent = JSON.stringify(edits);
    const isLarge = sent.length > SMALL || work > FEW_JOINED || (typeof document === 'string' && document.length > SMALL);
    if (!isLarge) {
      return accepted(
        typeof document === 'string' ? changeDocument(document, edits, since) : changeProject(document, edits, since),
      );
    }
    const json = typeof document === 'string' ? document : JSON.stringify(document);
    return accepted(await this.tasks.document({ document: json, edits: sent, since: JSON.stringify(since) }));
  }
}

/** See `Documents`: the work itself, which knows no server. */
export function changeDocument(json: string, edits?: Edits | string, since: Edits | string = []): ChangedDocument {
  const opened = openProject(JSON.parse(json));
  if (!opened.ok) return refused('not-a-project', opened.reason, opened.where ? { where: opened.where } : {});
  if (edits === undefined) return checked(opened.project);
  return changeProject(opened.project, parsed(edits), parsed(since));
}

function parsed(edits: Edits | string): Edits {
  return typeof edits === 'string' ? (JSON.parse(edits) as Edits) : edits;
}

/** The same for a document that has been checked before. */
function changeProject(project: Project, edits: Edits, since: Edits): ChangedDocument {
  let changed: Project;
  let joined: Joined | null;
  try {
    const rebased = since.length > 0 ? rebaseEdits(edits, since) : null;
    changed = (rebased?.mine ?? edits).reduce(applyEdit, project);
    joined = rebased && { mine: rebased.mine, others: rebased.theirs };
  } catch (error) {
    if (!(error instanceof EditError || error instanceof TypeError)) throw error;
    const detail = { reason: error.message };
    if (since.length > 0 && error instanceof EditError) return refused(STALE, STALE_WORDS, detail);
    const message = 'A change does not fit the saved project. Nothing was changed; reload and try again.';
    return refused('edit-does-not-fit', message, detail);
  }
  const reopened = openProject(changed);
  if (reopened.ok) return { ...checked(reopened.project), ...joined };
  const detail = reopened.where ? { where: reopened.where } : {};
  return joined ? refused(STALE, STALE_WORDS, detail) : refused('not-a-project', reopened.reason, detail);
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
  const { photos, mattes } = referencesOf(project);
  return { ok: true, json, photoIds: [...photos], mattes, ...small };
}

function refused(code: string, message: string, detail: Readonly<Record<string, unknown>> = {}): ChangedDocument {
  return { ok: false, code, message, detail };
}

function accepted(changed: ChangedDocument): CheckedDocument & Partial<Joined> {
  if (!changed.ok) throw new CodedError(changed.code === STALE ? 409 : 422, changed.code, changed.message, changed.detail);
  return changed;
}

/** A save that can not be joined with what others saved since. @param revision - the present one, where it is known. */
export function stale(revision?: number): CodedError {
  return new CodedError(409, STALE, STALE_WORDS, revision === undefined ? {} : { revision });
}
