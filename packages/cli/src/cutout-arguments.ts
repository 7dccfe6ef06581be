import type { CutoutMark } from '@kadrosyn/core';
import { parsed, UsageError } from './usage-error.js';

/** What a cutout is made of, and where it goes. */
export interface CutoutArguments {
  readonly photo: string;
  readonly marks: readonly CutoutMark[];
  readonly matte: string;
  /** Where the subject on a clear ground goes, if it is wanted. */
  readonly subject?: string;
}

/** @throws UsageError */
export function readCutoutArguments(args: readonly string[]): CutoutArguments {
  const { values, positionals } = parsed(args, {
    auto: { type: 'boolean' },
    box: { type: 'string' },
    keep: { type: 'string', multiple: true },
    'leave-out': { type: 'string', multiple: true },
    'stroke-width': { type: 'string' },
    output: { type: 'string', short: 'o' },
    subject: { type: 'string' },
  });
  const [photo, ...more] = positionals;
  if (photo === undefined || more.length > 0) throw new UsageError('Name one photo.');
  if (values.output === undefined) throw new UsageError('Say where the matte goes with -o.');
  const width = values['stroke-width'] === undefined ? undefined : number(values['stroke-width'], '--stroke-width');
  if (width !== undefined && width <= 0) throw new UsageError('--stroke-width is more than 0.');
  const stroke = (kind: 'keep' | 'leave-out', text: string): CutoutMark => ({
    kind,
    points: points(text, `--${kind}`),
    ...(width === undefined ? {} : { width }),
  });
  const marks: CutoutMark[] = [
    ...(values.auto === true ? [{ kind: 'suggest' as const, points: [] }] : []),
    ...(values.box === undefined ? [] : [box(values.box)]),
    ...(values.keep ?? []).map((text) => stroke('keep', text)),
    ...(values['leave-out'] ?? []).map((text) => stroke('leave-out', text)),
  ];
  if (marks.length === 0) throw new UsageError('Give a --box, strokes with --keep and --leave-out, or --auto.');
  return { photo, marks, matte: values.output, ...(values.subject === undefined ? {} : { subject: values.subject }) };
}

function box(text: string): CutoutMark {
  const [x, y, width, height, ...more] = text.split(',').map((part) => number(part, '--box'));
  if (height === undefined || more.length > 0) throw new UsageError('--box takes x,y,w,h in px of the photo.');
  if (width! <= 0 || height <= 0) throw new UsageError('The box has no size.');
  return { kind: 'box', points: [x!, y!, x! + width!, y! + height] };
}

function points(text: string, name: string): number[] {
  const places = text.trim().split(/\s+/);
  return places.flatMap((place) => {
    const pair = place.split(',').map((part) => number(part, name));
    if (pair.length !== 2) throw new UsageError(`${name} takes points as "x,y x,y ...".`);
    return pair;
  });
}

function number(text: string, name: string): number {
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value)) throw new UsageError(`${name} takes numbers, not "${text}".`);
  return value;
}
