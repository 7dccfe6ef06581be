/** Thrown when an edit does not fit the document it is applied to. The document stays as it was. */
export class EditError extends Error {
  override readonly name: string = 'EditError';
}

/** Thrown when two people changed the same thing in different ways: no order of their edits keeps both. */
export class EditConflict extends EditError {
  override readonly name = 'EditConflict';
}
