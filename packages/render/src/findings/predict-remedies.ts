import { applyEdit, resolveSheet, type Project, type Readability, type Remedy, type ResolvedSheet } from '@kadrosyn/core';

/** A remedy and the share of the word's edge that can be seen when it is taken, 0 to 1. */
export interface PredictedRemedy extends Remedy {
  readonly seen: number;
}

/**
 * Finds what each remedy brings, by measuring the word with it. One at a time, so that whoever asks can stop in between. Frames of a drag are no help
 * here: their coarse shades are up to a third off along an edge.
 * @param measure - measures the word on a sheet, as it is looked at; null for what can not be measured.
 */
export async function* predictRemedies(
  project: Project,
  sheetId: string,
  remedies: readonly Remedy[],
  measure: (sheet: ResolvedSheet) => Promise<Readability | null>,
): AsyncGenerator<PredictedRemedy> {
  for (const remedy of remedies) {
    const after = resolveSheet(applyEdit(project, remedy.edit), sheetId);
    const measured = after && (await measure(after));
    if (measured) yield { ...remedy, seen: measured.seen };
  }
}

/** The best of each kind, as long as it brings something. @param before - the share that can be seen without any. */
export function worthwhile(predicted: readonly PredictedRemedy[], before: number): PredictedRemedy[] {
  const best = new Map<Remedy['id'], PredictedRemedy>();
  for (const remedy of predicted) {
    if (remedy.seen < before + LEAST_GAIN) continue;
    const known = best.get(remedy.id);
    if (!known || remedy.seen > known.seen) best.set(remedy.id, remedy);
  }
  return [...best.values()].sort((a, b) => b.seen - a.seen);
}

/** What brings less than this is not worth a click. */
const LEAST_GAIN = 0.02;
