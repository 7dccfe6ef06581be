/** Variable axes by OpenType tag, in the units of the font. */
export type FaceAxes = Readonly<Record<string, { readonly min: number; readonly max: number; readonly default: number }>>;

/** A face of letters: shipped with the application, or added by its users. */
export interface Face {
  readonly id: string;
  readonly name: string;
  /** Font files in the order in which they are asked for a letter, without folder and ending. */
  readonly files: readonly string[];
  readonly axes: FaceAxes;
  /** How bold it looks on the scale of `wght`, where it has no such axis. */
  readonly weight?: number;
}

/** A face that brings letters which the chosen one lacks. */
export interface FallbackFace extends Face {
  readonly scripts: RegExp;
}

/** The faces that are offered, all under the SIL Open Font License. */
export const FACES: readonly Face[] = [
  {
    id: 'archivo',
    name: 'Archivo',
    files: ['archivo-latin', 'archivo-latin-ext'],
    axes: { wght: { min: 100, max: 900, default: 400 }, wdth: { min: 62, max: 125, default: 100 } },
  },
  {
    id: 'anybody',
    name: 'Anybody',
    files: ['anybody-latin', 'anybody-latin-ext'],
    axes: { wght: { min: 100, max: 900, default: 400 }, wdth: { min: 50, max: 150, default: 100 } },
  },
  {
    id: 'mona-sans',
    name: 'Mona Sans',
    files: ['mona-sans-latin', 'mona-sans-latin-ext'],
    axes: { wght: { min: 200, max: 900, default: 400 }, wdth: { min: 75, max: 125, default: 100 } },
  },
  {
    id: 'fredoka',
    name: 'Fredoka',
    files: ['fredoka-latin', 'fredoka-latin-ext'],
    axes: { wght: { min: 300, max: 700, default: 400 }, wdth: { min: 75, max: 125, default: 100 } },
  },
  {
    id: 'unbounded',
    name: 'Unbounded',
    files: ['unbounded-latin', 'unbounded-latin-ext'],
    axes: { wght: { min: 200, max: 900, default: 400 } },
  },
  { id: 'anton', name: 'Anton', files: ['anton-latin', 'anton-latin-ext'], axes: {}, weight: 800 },
  { id: 'passion-one', name: 'Passion One', files: ['passion-one-latin', 'passion-one-latin-ext'], axes: {}, weight: 900 },
  { id: 'titan-one', name: 'Titan One', files: ['titan-one-latin', 'titan-one-latin-ext'], axes: {}, weight: 800 },
  {
    id: 'bowlby-one-sc',
    name: 'Bowlby One SC',
    files: ['bowlby-one-sc-latin', 'bowlby-one-sc-latin-ext'],
    axes: {},
    weight: 900,
  },
  { id: 'bungee', name: 'Bungee', files: ['bungee-latin', 'bungee-latin-ext'], axes: {}, weight: 800 },
  {
    id: 'rubik-mono-one',
    name: 'Rubik Mono One',
    files: ['rubik-mono-one-latin', 'rubik-mono-one-latin-ext', 'rubik-mono-one-cyrillic'],
    axes: {},
    weight: 900,
  },
  {
    id: 'dela-gothic-one',
    name: 'Dela Gothic One',
    files: ['dela-gothic-one-latin', 'dela-gothic-one-latin-ext', 'dela-gothic-one-greek', 'dela-gothic-one-cyrillic'],
    axes: {},
    weight: 900,
  },
  {
    id: 'alfa-slab-one',
    name: 'Alfa Slab One',
    files: ['alfa-slab-one-latin', 'alfa-slab-one-latin-ext'],
    axes: {},
    weight: 900,
  },
  {
    id: 'abril-fatface',
    name: 'Abril Fatface',
    files: ['abril-fatface-latin', 'abril-fatface-latin-ext'],
    axes: {},
    weight: 800,
  },
  { id: 'shrikhand', name: 'Shrikhand', files: ['shrikhand-latin', 'shrikhand-latin-ext'], axes: {}, weight: 800 },
  {
    id: 'pacifico',
    name: 'Pacifico',
    files: ['pacifico-latin', 'pacifico-latin-ext', 'pacifico-cyrillic'],
    axes: {},
    weight: 500,
  },
  {
    id: 'saira-stencil-one',
    name: 'Saira Stencil One',
    files: ['saira-stencil-one-latin', 'saira-stencil-one-latin-ext'],
    axes: {},
    weight: 700,
  },
];

/** Faces for scripts that the chosen face lacks; they take its weight and width as far as they can. */
export const FALLBACK_FACES: readonly FallbackFace[] = [
  {
    id: 'noto-sans',
    name: 'Noto Sans',
    files: ['noto-sans-greek', 'noto-sans-greek-ext', 'noto-sans-cyrillic', 'noto-sans-cyrillic-ext', 'noto-sans-vietnamese'],
    axes: { wght: { min: 100, max: 900, default: 400 }, wdth: { min: 62.5, max: 100, default: 100 } },
    scripts: /\p{Script=Greek}|\p{Script=Cyrillic}|[\u1ea0-\u1eff]/u,
  },
  {
    id: 'noto-sans-arabic',
    name: 'Noto Sans Arabic',
    files: ['noto-sans-arabic-arabic'],
    axes: { wght: { min: 100, max: 900, default: 400 }, wdth: { min: 62.5, max: 100, default: 100 } },
    scripts: /\p{Script=Arabic}/u,
  },
  {
    id: 'noto-sans-hebrew',
    name: 'Noto Sans Hebrew',
    files: ['noto-sans-hebrew-hebrew'],
    axes: { wght: { min: 100, max: 900, default: 400 }, wdth: { min: 62.5, max: 100, default: 100 } },
    scripts: /\p{Script=Hebrew}/u,
  },
  {
    id: 'noto-sans-devanagari',
    name: 'Noto Sans Devanagari',
    files: ['noto-sans-devanagari-devanagari'],
    axes: { wght: { min: 100, max: 900, default: 400 }, wdth: { min: 62.5, max: 100, default: 100 } },
    scripts: /\p{Script=Devanagari}/u,
  },
];

/** All faces that come with the application. */
export const SHIPPED_FACES: readonly Face[] = [...FACES, ...FALLBACK_FACES];

/** The face that stands in for one that is missing. */
export const FALLBACK_FACE = 'archivo';

export function findFace(id: string): Face | undefined {
  return FACES.find((face) => face.id === id);
}

/** The fallback faces that a text may need, by its scripts. */
export function fallbackFacesFor(text: string): FallbackFace[] {
  return FALLBACK_FACES.filter(({ scripts }) => scripts.test(text));
}
