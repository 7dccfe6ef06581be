import { apply, flatten, formPath, project, type AreaForm, type Matrix, type Point, type Projection } from '@kadrosyn/core';

/** Places of a photo on the stage, css px. */
export function placesOnStage(points: readonly Point[], toSheet: Projection, toStage: Matrix): Point[] {
  return points.map((p) => apply(toStage, project(toSheet, p)));
}

/** The outline of a form on the stage, as SVG path data. */
export function formOnStage(form: AreaForm, toSheet: Projection, toStage: Matrix): string {
  return flatten(formPath(form), 0.5)
    .map((polygon) => {
      const points = Array.from({ length: polygon.length / 2 }, (_, i) => ({ x: polygon[2 * i]!, y: polygon[2 * i + 1]! }));
      const placed = placesOnStage(points, toSheet, toStage).map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`);
      return `M${placed.join('L')}Z`;
    })
    .join('');
}
