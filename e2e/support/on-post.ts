/** A photo of 1600 x 1067 px that was clicked onto a post of 1080 px lies in its middle, 648 px wide. */
export const onPost = ([x, y]: readonly [number, number]) => ({
  x: (216 + (x * 648) / 1600) / 1080,
  y: (324 + (y * 648) / 1600) / 1080,
});
