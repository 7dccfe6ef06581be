import type { TakenDrawing, TakenOutline } from '@kadrosyn/core';

/** What was made of a drawing: one outline of all its areas, and its parts with their colours. */
export interface DrawingRead {
  readonly outline: TakenOutline;
  readonly drawing: TakenDrawing;
}

/** A drawing that takes longer than this is given up, ms. */
const PATIENCE = 8000;

/** Reads a drawing in a worker of its own, so that none can hold up the page; it is ended when it takes too long. */
export function readDrawing(source: string): Promise<DrawingRead> {
  const worker = new Worker(new URL('./outline.worker', import.meta.url), { type: 'module' });
  return new Promise<DrawingRead>((resolve) => {
    const refuse = (message: string): void => resolve({ outline: { ok: false, message }, drawing: { ok: false, message } });
    const timer = setTimeout(
      () => refuse('The drawing takes too long to read and was given up. Simplify it, or take a part of it.'),
      PATIENCE,
    );
    worker.onmessage = ({ data }: MessageEvent<DrawingRead>) => {
      clearTimeout(timer);
      resolve(data);
    };
    worker.onerror = (event) => {
      event.preventDefault();
      clearTimeout(timer);
      refuse('The drawing could not be read. Nothing was changed.');
    };
    worker.postMessage(source);
  }).finally(() => worker.terminate());
}
