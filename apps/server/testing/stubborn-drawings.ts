const head = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 3000 3000" width="3000" height="3000">';

/** Drawings of a few bytes that are written so that drawing them takes hours, or more memory than there is. */
export const STUBBORN_DRAWINGS: Readonly<Record<string, string>> = {
  'a group used ten times, ten times over': nested(10, 10),
  'a stack of blurs': blurs(60),
  'noise without end': `${head}<filter id="n" x="-10" y="-10" width="30" height="30"><feTurbulence baseFrequency=".9" numOctaves="255"/></filter>
    <rect width="3000" height="3000" filter="url(#n)"/></svg>`,
};

function nested(levels: number, times: number): string {
  let all = '<g id="g0"><circle r="3"/></g>';
  for (let level = 1; level <= levels; level++) {
    all += `<g id="g${level}">${`<use href="#g${level - 1}" x="1"/>`.repeat(times)}</g>`;
  }
  return `${head}<defs>${all}</defs><use href="#g${levels}"/></svg>`;
}

function blurs(count: number): string {
  const steps = '<feGaussianBlur stdDeviation="300"/>'.repeat(count);
  return `${head}<filter id="b" x="-5" y="-5" width="11" height="11">${steps}</filter><rect width="3000" height="3000" filter="url(#b)"/></svg>`;
}
