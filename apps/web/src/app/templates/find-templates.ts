import type { TemplateSummary } from '../api/server-types';

/** Templates whose name or words hold everything that is looked for. */
export function findTemplates(templates: readonly TemplateSummary[], search: string): TemplateSummary[] {
  const wanted = search.toLowerCase().split(/\s+/).filter(Boolean);
  return templates.filter(({ name, words }) => {
    const text = `${name} ${words}`.toLowerCase();
    return wanted.every((word) => text.includes(word));
  });
}
