/** Something in a drawing that the fill of a drawing has no place for: it can only be shown as a picture. */
export class NotCarried extends Error {
  override readonly name = 'NotCarried';

  /** @param what - in words, after "it holds". */
  constructor(readonly what: string) {
    super(what);
  }
}
