import { KadroFault, readKadro, type KadroFiles } from '@kadrosyn/formats';

/** A file that was unpacked and checked, or why it is not opened. */
export type UnpackedKadro =
  | { readonly ok: true; readonly files: KadroFiles }
  | { readonly ok: false; readonly code: string; readonly message: string; readonly detail: Readonly<Record<string, unknown>> };

/** Unpacks a file. A bad one is an answer; what throws is a fault of ours. */
export function unpackKadro(bytes: Uint8Array): UnpackedKadro {
  try {
    return { ok: true, files: readKadro(bytes) };
  } catch (error) {
    if (!(error instanceof KadroFault)) throw error;
    return { ok: false, code: error.code, message: error.message, detail: error.detail };
  }
}
