import type { ExportStatus } from '@kadrosyn/contract';

/** Browsers show pictures and paper; archives, layers and projects they can only put among the downloads. */
export function isShownByBrowsers({ name }: Pick<ExportStatus, 'name'>): boolean {
  return !/\.(zip|ora|kadro)$/.test(name);
}
