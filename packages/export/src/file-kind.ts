import type { ExportRequest } from '@kadrosyn/contract';
import { OUT_FORMATS } from '@kadrosyn/formats';

/** What a file is. */
export interface FileKind {
  /** Of its name, without the dot. */
  readonly extension: string;
  readonly mime: string;
}

const KADRO: FileKind = { extension: 'kadro', mime: 'application/vnd.kadrosyn+zip' };
/** Several pictures come in one. */
const ZIP: FileKind = { extension: 'zip', mime: 'application/zip' };

/** What comes of a request. */
export function fileKindOf({ sheetIds, file }: Pick<ExportRequest, 'file'> & { readonly sheetIds: readonly string[] }): FileKind {
  if (file.type === 'kadro') return KADRO;
  const format = OUT_FORMATS[file.type];
  return sheetIds.length > 1 && !format.holdsSeveral ? ZIP : format;
}
