/**
 * Grows numbered parts into empty pixels (0), ring by ring, at most `reach` steps, all parts at the same pace: where two meet,
 * each keeps its half. Diagonal steps count 1.5 (chamfer), so that rings stay round.
 * @param values - numbers of the parts, changed in place; negative values are walls that stay.
 * @param allowed - whether a part may enter the pixel at this distance.
 * @returns the distance of each pixel from where it came, 0 on the parts themselves, Infinity where nothing came.
 */
export function grow(
  values: Int32Array,
  width: number,
  height: number,
  reach: number,
  allowed?: (index: number, distance: number) => boolean,
): Float32Array {
  const distances = new Float32Array(values.length).fill(Infinity);
  // One bucket for each half step.
  const buckets: number[][] = Array.from({ length: Math.floor(reach * 2) + 4 }, () => []);
  for (let i = 0; i < values.length; i++) {
    if (values[i]! <= 0) continue;
    distances[i] = 0;
    if (isOnRim(values, i, width, height)) buckets[0]!.push(i);
  }
  const last = Math.floor(reach * 2);
  for (let b = 0; b <= last; b++) {
    for (const i of buckets[b]!) {
      if (distances[i]! * 2 !== b) continue;
      const value = values[i]!;
      const x = i % width;
      const left = x > 0 ? -1 : 0;
      const right = x < width - 1 ? 1 : 0;
      for (let row = i >= width ? i - width : i; row <= i + width && row < values.length; row += width) {
        for (let dx = left; dx <= right; dx++) {
          const j = row + dx;
          const distance = b / 2 + (dx !== 0 && row !== i ? 1.5 : 1);
          if (distance > reach || distance >= distances[j]!) continue;
          const isEmpty = values[j] === 0 || (distances[j]! > 0 && values[j]! > 0);
          if (!isEmpty || (allowed && !allowed(j, distance))) continue;
          distances[j] = distance;
          values[j] = value;
          buckets[distance * 2]!.push(j);
        }
      }
    }
  }
  return distances;
}

function isOnRim(values: Int32Array, i: number, width: number, height: number): boolean {
  const x = i % width;
  if (x === 0 || x === width - 1 || i < width || i >= width * (height - 1)) return true;
  const value = values[i];
  return (
    values[i - 1] !== value ||
    values[i + 1] !== value ||
    values[i - width] !== value ||
    values[i + width] !== value ||
    values[i - width - 1] !== value ||
    values[i - width + 1] !== value ||
    values[i + width - 1] !== value ||
    values[i + width + 1] !== value
  );
}
