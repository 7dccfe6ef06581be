/** Part of every supported platform: browsers, workers and Node. */
declare const crypto: { getRandomValues(bytes: Uint8Array): Uint8Array };

const ALPHABET = 'abcdefghijklmnopqrstuvwxyz0123456789';

/**
 * A new random id such as "item_k3v9x0q2m7ab" (62 bits).
 * @param prefix - says what the id names.
 */
export function newId(prefix: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(12));
  return `${prefix}_${Array.from(bytes, (byte) => ALPHABET[byte % ALPHABET.length]).join('')}`;
}

/** The id of a photo: its content names it, so that the same file has the same id wherever it is read. */
export function photoIdOf(sha256: string): string {
  return `photo_${sha256.slice(0, 24)}`;
}
