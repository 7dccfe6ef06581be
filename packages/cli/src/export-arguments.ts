import type { ExportFile, ExportRequest } from '@kadrosyn/contract';
import type { Project } from '@kadrosyn/core';
import { chosenSheets } from './opened-project.js';
import { numberIn, oneOf, onlyFile, parsed, UsageError } from './usage-error.js';

const TYPES = ['png', 'jpeg', 'webp', 'pdf', 'ora', 'kadro'] as const;
type FileType = (typeof TYPES)[number];

const TEXT = { type: 'string' } as const;
const FLAG = { type: 'boolean' } as const;
const OPTIONS = {
  ...{ png: FLAG, jpeg: FLAG, webp: FLAG, pdf: FLAG, ora: FLAG, kadro: FLAG, json: FLAG },
  output: { type: 'string', short: 'o' },
  name: TEXT,
  sheet: { type: 'string', multiple: true },
  ...{ scale: TEXT, width: TEXT, height: TEXT, quality: TEXT, 'most-kb': TEXT, 'few-colours': FLAG, white: FLAG },
  ...{ dpi: TEXT, bleed: TEXT, marks: FLAG, 'pure-grey': FLAG, arrange: TEXT, paper: TEXT, gap: TEXT },
} as const;

type Values = ReturnType<typeof parsed<typeof OPTIONS>>['values'];

type NumberOption = 'scale' | 'width' | 'height' | 'quality' | 'most-kb' | 'dpi' | 'bleed' | 'gap';

/** Files of px: their size can be said. */
const OF_PIXELS = ['png', 'jpeg', 'webp', 'ora'] as const satisfies readonly FileType[];
const isOfPixels = (type: FileType): boolean => (OF_PIXELS as readonly FileType[]).includes(type);

/** Options that only some files know. */
const KNOWN_TO: Readonly<Record<Exclude<keyof Values, FileType | 'json' | 'output' | 'sheet' | 'name'>, readonly FileType[]>> = {
  ...{ scale: OF_PIXELS, width: OF_PIXELS, height: OF_PIXELS },
  ...{ quality: ['jpeg', 'webp', 'pdf'], 'most-kb': ['jpeg', 'webp'], 'few-colours': ['png'], white: ['png'] },
  ...{ dpi: ['pdf'], bleed: ['pdf'], marks: ['pdf'], 'pure-grey': ['pdf'], arrange: ['pdf'], paper: ['pdf'], gap: ['pdf'] },
};

/** What is to be handed over, and where it goes. */
export interface ExportArguments {
  readonly file: string;
  /** Absent where it is called as the application would call it. */
  readonly output?: string;
  readonly asJson: boolean;
  /** What is asked of the project, once it is known. @throws UsageError for a sheet that it does not have */
  readonly request: (project: Project) => ExportRequest;
}

/** @throws UsageError */
export function readExportArguments(args: readonly string[]): ExportArguments {
  const { values, positionals } = parsed(args, OPTIONS);
  const file = onlyFile(positionals);
  const type = typeOf(values);
  for (const [option, types] of Object.entries(KNOWN_TO)) {
    if (values[option as keyof Values] !== undefined && !types.includes(type))
      throw new UsageError(`--${option} goes with ${types.join(', ')}, not with ${type}.`);
  }
  if ([values.scale, values.width, values.height].filter((value) => value !== undefined).length > 1)
    throw new UsageError('Give one of --scale, --width and --height.');
  if (values.name !== undefined && (values.name.length === 0 || values.name.length > 200))
    throw new UsageError('--name takes 1 to 200 letters.');
  const { output } = values;
  // What is wrong with an option is said before the project is read.
  const options = fileOptions(type, values);
  return {
    file,
    ...(output === undefined ? {} : { output }),
    asJson: values.json ?? false,
    request: (project) => {
      const sheets = chosenSheets(project, values.sheet);
      const made = isOfPixels(type) ? { ...options, scale: scaleFor(values, sheets[0]!) } : options;
      return { sheetIds: sheets.map(({ id }) => id), file: made as ExportFile, ...defined({ name: values.name }) };
    },
  };
}

/** By what was said, else by the name of the file. */
function typeOf(values: Values): FileType {
  const said = TYPES.filter((type) => values[type]);
  if (said.length > 1) throw new UsageError(`Choose one of ${said.map((type) => `--${type}`).join(', ')}.`);
  const extension = /\.([a-z]+)$/i.exec(values.output ?? '')?.[1]?.toLowerCase();
  const type = said[0] ?? TYPES.find((each) => each === (extension === 'jpg' ? 'jpeg' : extension));
  if (!type)
    throw new UsageError(`Say what it is to be: ${TYPES.map((each) => `--${each}`).join(', ')}, or -o with such a name.`);
  return type;
}

function fileOptions(type: FileType, values: Values): object {
  const number = (option: NumberOption, least: number, most: number): number | undefined =>
    values[option] === undefined ? undefined : numberIn(values[option], `--${option}`, least, most);
  if (values.scale !== undefined) number('scale', 0.001, 20);
  if (values.width !== undefined) number('width', 1, 100_000);
  if (values.height !== undefined) number('height', 1, 100_000);
  const quality = defined({ quality: number('quality', 1, 100) });
  const mostKb = number('most-kb', 1, 2_000_000);
  switch (type) {
    case 'kadro':
    case 'ora':
      return { type };
    case 'png':
      return { type, ...defined({ fewColours: values['few-colours'], onWhite: values.white }) };
    case 'jpeg':
    case 'webp':
      return { type, ...quality, ...defined({ mostBytes: mostKb === undefined ? undefined : Math.round(1000 * mostKb) }) };
    case 'pdf':
      return {
        ...{ type, dpi: number('dpi', 10, 1200) ?? 300, ...quality },
        ...defined({
          bleed: number('bleed', 0, 20),
          marks: values.marks,
          pureGrey: values['pure-grey'],
          gap: number('gap', 0, 50),
        }),
        ...defined({
          arrange: values.arrange === undefined ? undefined : oneOf(values.arrange, '--arrange', ['pages', 'folded', 'many']),
          paper: values.paper === undefined ? undefined : oneOf(values.paper, '--paper', ['a5', 'a4', 'a3', 'letter']),
        }),
      };
  }
}

/** px of the picture per px of the sheet. */
function scaleFor(values: Values, sheet: { readonly width: number; readonly height: number }): number {
  const sides = (['width', 'height'] as const).flatMap((side) =>
    values[side] === undefined ? [] : [Number(values[side]) / sheet[side]],
  );
  const by = sides[0] ?? Number(values.scale ?? 1);
  if (by > 20) throw new UsageError('A sheet is enlarged 20 times at most.');
  return by;
}

function defined<Values extends object>(values: Values): Partial<Values> {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Partial<Values>;
}
