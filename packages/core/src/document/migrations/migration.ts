/** A document as JSON gives it. What one of an old version holds may be anything. */
export type Raw = Record<string, unknown>;

/** An edit of some version, as a journal keeps it. */
export interface RawEdit {
  readonly name: string;
  readonly operations: readonly Raw[];
}

/**
 * Brings a document of version `from` to version `from + 1`. A migration is frozen: it imports nothing that can change, since it tells what documents
 * meant when its version was the present one.
 */
export interface Migration {
  readonly from: number;
  /** Gets the old document and returns the new one; the version is set by the caller. */
  readonly document: (document: Raw) => Raw;
  /**
   * The same for edits that were made of such a document, one after the other. Absent where edits of that version can not be translated.
   * @param before - the old document that the first of them was made of.
   * @throws Error when they do not fit it.
   */
  readonly edits?: (before: Raw, edits: readonly RawEdit[]) => readonly RawEdit[];
  /** The old document before edits that led to it. Goes with `edits`. @throws Error when they do not fit it. */
  readonly before?: (document: Raw, edits: readonly RawEdit[]) => Raw;
}

export function isRaw(value: unknown): value is Raw {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
