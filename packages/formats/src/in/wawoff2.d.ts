declare module 'wawoff2' {
  /** The font inside a WOFF2 file. Rejects what is none. */
  export function decompress(file: Uint8Array): Promise<Uint8Array>;
}
