/** Variable axes by OpenType tag, in the units of the font. */
export type FaceAxes = Readonly<Record<string, { readonly min: number; readonly max: number; readonly default: number }>>;

/** A face that ships with the application. */
export interface Face {
  readonly id: string;
  readonly name: string;
  /** Font files in the order in which they are asked for a letter, without folder and ending. */
  readonly files: readonly string[];
  /** Variable axes by OpenType tag, in the units of the font. */
  readonly axes: FaceAxes;
}

export const FACES: readonly Face[] = [
  { id: 'alfa-slab-one', name: 'Alfa Slab One', files: ['alfa-slab-one-latin', 'alfa-slab-one-latin-ext'], axes: {} },
  {
    id: 'archivo',
    name: 'Archivo',
    files: ['archivo-latin', 'archivo-latin-ext'],
    axes: { wght: { min: 100, max: 900, default: 400 }, wdth: { min: 62, max: 125, default: 100 } },
  },
];

/** The face that stands in for one that is missing. */
export const FALLBACK_FACE = 'archivo';

export function findFace(id: string): Face | undefined {
  return FACES.find((face) => face.id === id);
}
