import svgpath from 'svgpath';
import { PathBuilder, type Path } from './path.js';

/** Path data as read, and whether some of it could not be read. */
export interface ReadPathData {
  readonly path: Path;
  /** What is wrong from some place on; the steps before it are in `path`. */
  readonly fault?: string;
}

/** More steps than this are not an outline that anybody drew. */
const MOST_STEPS = 100_000;

/**
 * Reads SVG path data: all commands, relative ones and arcs too (SVG 2, chapter 9). Arcs become cubics. Bad data is read up to the fault.
 * @param closes - whether subpaths that are left open are closed; for lines they are not. @default true
 */
export function readPathData(d: string, closes = true): ReadPathData {
  const builder = new PathBuilder();
  let [steps, open, wild] = [0, false, false];
  const data = svgpath(d).abs().unshort().unarc();
  data.iterate((segment, _index, x, y) => {
    if (wild || steps > MOST_STEPS) return;
    const [command, ...n] = segment as [string, ...number[]];
    if (!n.every((value) => Math.abs(value) < 1e9)) return void (wild = true);
    steps++;
    // What follows a close without a new start begins where the subpath began.
    if (!open && command !== 'Z' && command !== 'M') builder.moveTo(x, y);
    const wasOpen = open;
    open = command !== 'Z';
    switch (command) {
      case 'M':
        if (wasOpen && closes) builder.close();
        builder.moveTo(n[0]!, n[1]!);
        break;
      case 'L':
        builder.lineTo(n[0]!, n[1]!);
        break;
      case 'H':
        builder.lineTo(n[0]!, y);
        break;
      case 'V':
        builder.lineTo(x, n[0]!);
        break;
      case 'Q':
        builder.quadTo(n[0]!, n[1]!, n[2]!, n[3]!);
        break;
      case 'C':
        builder.cubicTo(n[0]!, n[1]!, n[2]!, n[3]!, n[4]!, n[5]!);
        break;
      case 'Z':
        if (wasOpen) builder.close();
        break;
    }
  });
  if (open && closes) builder.close();
  const fault = wild
    ? 'a number is too large'
    : steps > MOST_STEPS
      ? `it has more than ${MOST_STEPS.toLocaleString('en')} steps`
      : (data as unknown as { err: string }).err.replace(/^SvgPath: /, '');
  return { path: builder.build(), ...(fault ? { fault } : {}) };
}
