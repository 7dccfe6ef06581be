/** Where a quarter of a circle of radius 1 has its cubic handles; radial error under 0.03 % (A. Riškus, 2006). */
export const QUARTER = 0.5522847498;
