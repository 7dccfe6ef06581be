import { holdsWords } from '@kadrosyn/core';
import type { TemplateSummary } from '@kadrosyn/contract';

/** Templates whose name or words hold everything that is looked for. */
export function findTemplates(templates: readonly TemplateSummary[], search: string): TemplateSummary[] {
  return templates.filter(({ name, words }) => holdsWords(`${name} ${words}`, search));
}
