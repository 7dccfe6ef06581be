import type { LetteringOutline } from '../kinds/outlines/lettering.js';

/** All letters larger or smaller. */
export function scaled(outline: LetteringOutline, factor: number): LetteringOutline {
  const along = outline.along && { ...outline.along, radius: outline.along.radius * factor };
  return {
    ...outline,
    runs: outline.runs.map((run) => ({ ...run, size: run.size * factor })),
    ...(along ? { along } : {}),
  };
}
