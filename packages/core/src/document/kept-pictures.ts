import type { Project } from './project.js';
import { referencesOf, type NeededMatte } from './references.js';

/**
 * The kept pictures that belong to the photos that a project shows: of all their cutouts, and of what stands in front of their areas, whether or not anything
 * shows them now. Each once.
 */
export function keptPictures(project: Project): readonly NeededMatte[] {
  const found = new Map<string, NeededMatte>();
  for (const photoId of referencesOf(project).photos) {
    const { cutouts = [], areas = [] } = project.photos[photoId] ?? {};
    const names = [
      ...cutouts.flatMap(({ revisions }) => revisions.map(({ matteSha256 }) => matteSha256)),
      ...areas.flatMap(({ front, hints }) => [
        ...(front ? [front.matteSha256, front.plateSha256] : []),
        ...(hints?.cutouts ?? []),
      ]),
    ];
    for (const matteSha256 of names) found.set(`${photoId}/${matteSha256}`, { photoId, matteSha256 });
  }
  return [...found.values()];
}
