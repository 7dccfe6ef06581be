/** One way in which a document does not follow the schema. */
export interface SchemaFault {
  /** Where, as a JSON pointer. */
  readonly instancePath: string;
  readonly message?: string;
}
