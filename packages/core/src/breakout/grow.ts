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
  allowed: (index: number, distance: number) => boolean = () => true,
): Float32Array {
  const distances = new Float32Array(values.length).fill(Infinity);
  // One bucket for each half step.
  const buckets: number[][] = Array.from({ length: Math.floor(reach * 2) + 4 }, () => []);
  for (let i = 0; i < values.length; i++) {
    if (values[i]! <= 0) continue;
    distances[i] = 0;
    if (isOnRim(values, i, width, height)) buckets[0]!.push(i);
  }
  for (let b = 0; b < buckets.length; b++) {
    for (const i of buckets[b]!) {
      if (distances[i]! * 2 !== b) continue;
      const [x, y] = [i % width, Math.floor(i / width)];
      for (let dy = -1; dy <= 1; dy++) {
        if (y + dy < 0 || y + dy >= height) continue;
        for (let dx = -1; dx <= 1; dx++) {
          if ((dx === 0 && dy === 0) || x + dx < 0 || x + dx >= width) continue;
          const j = i + dy * width + dx;
          const distance = distances[i]! + (dx !== 0 && dy !== 0 ? 1.5 : 1);
          const isEmpty = values[j] === 0 || (distances[j]! > 0 && values[j]! > 0);
          if (!isEmpty || distance > reach || distance >= distances[j]! || !allowed(j, distance)) continue;
          distances[j] = distance;
          values[j] = values[i]!;
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
