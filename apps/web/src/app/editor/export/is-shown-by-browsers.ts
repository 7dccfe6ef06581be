import type { ExportStatus } from '@kadrosyn/contract';

/** Browsers show pictures and paper; archives and projects they can only put among the downloads. */
export function isShownByBrowsers({ name }: Pick<ExportStatus, 'name'>): boolean {
  return !/\.(zip|kadro)$/.test(name);
}
