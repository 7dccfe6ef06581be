/** What is handed over for: it decides what is asked. */
export type Purpose = 'screen' | 'shop' | 'paper' | 'layers' | 'project';

/** How large a picture is: px of it per px of the sheet, or one of its sides. */
export type PictureSize =
  { readonly by: 'scale'; readonly scale: number } | { readonly by: 'width' | 'height'; readonly px: number };

export interface PictureSettings {
  readonly type: 'png' | 'jpeg' | 'webp';
  readonly size: PictureSize;
  /** 1 to 100, of JPEG and WebP. */
  readonly quality: number;
  /** The file is no larger than that; null for any. */
  readonly mostKb: number | null;
  /** Of PNG. */
  readonly fewColours: boolean;
  readonly onWhite: boolean;
  /** Every sheet, as an archive. */
  readonly all: boolean;
}

export interface PaperSettings {
  readonly arrange: 'pages' | 'folded' | 'many';
  /** Every sheet; where there are several when null. */
  readonly all: boolean | null;
  /** mm; that of the sheet when null. */
  readonly bleed: number | null;
  /** Where to cut and to fold; where there is bleed or a fold when null. */
  readonly marks: boolean | null;
  /** Of pictures. */
  readonly dpi: number;
  readonly quality: number;
  readonly pureGrey: boolean;
  readonly paper: 'a5' | 'a4' | 'a3' | 'letter';
  /** mm between many. */
  readonly gap: number;
}

export interface LayersSettings {
  readonly size: PictureSize;
  /** Every sheet, as an archive. */
  readonly all: boolean;
}

/** How things were handed over last. */
export interface ExportSettings {
  readonly purpose: Purpose;
  readonly screen: PictureSettings;
  readonly shop: PictureSettings;
  readonly paper: PaperSettings;
  readonly layers: LayersSettings;
  /** What files are called, with parts in braces; by themselves where it is empty. */
  readonly name: string;
}

const SCREEN: PictureSettings = {
  type: 'png',
  size: { by: 'scale', scale: 1 },
  quality: 92,
  mostKb: null,
  fewColours: false,
  onWhite: false,
  all: false,
};

/** Of somebody who has not handed over anything yet. */
export const FIRST_SETTINGS: ExportSettings = {
  purpose: 'screen',
  screen: SCREEN,
  // What shops ask for: a side of 2000 px, not too many KB, nothing clear.
  shop: { ...SCREEN, type: 'jpeg', size: { by: 'width', px: 2000 }, mostKb: 500, onWhite: true },
  paper: {
    arrange: 'pages',
    all: null,
    bleed: null,
    marks: null,
    dpi: 300,
    quality: 92,
    pureGrey: false,
    paper: 'a4',
    gap: 0,
  },
  layers: { size: { by: 'scale', scale: 1 }, all: false },
  name: '',
};

/** What the settings of purposes that are pictures say. */
export type PicturePurpose = 'screen' | 'shop';

const PURPOSES: readonly Purpose[] = ['screen', 'shop', 'paper', 'layers', 'project'];

const KEY = 'kadrosyn:handed-over';

/** How things were handed over last in this browser. */
export function keptSettings(): ExportSettings {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null');
    // What an earlier version of the application did not ask for is as it is at first.
    const all: unknown = typeof kept === 'object' && kept !== null ? { ...FIRST_SETTINGS, ...kept } : null;
    return isLike(all, FIRST_SETTINGS) && PURPOSES.includes(all.purpose) ? all : FIRST_SETTINGS;
  } catch {
    return FIRST_SETTINGS;
  }
}

export function keepSettings(settings: ExportSettings): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(settings));
  } catch {
    // Without room in the browser's storage it is remembered in this window only.
  }
}

/** Fields that may be null, or of one of several forms. */
const FREE = new Set(['mostKb', 'bleed', 'size', 'all', 'marks']);

/** Whether something has the fields of a model, of the same types: it may be from an earlier version of the application. */
function isLike<T extends object>(value: unknown, model: T): value is T {
  if (typeof value !== 'object' || value === null) return false;
  return Object.entries(model).every(([key, sample]: [string, unknown]) => {
    const own = (value as Record<string, unknown>)[key];
    if (FREE.has(key)) return own !== undefined && (own === null ? key !== 'size' : true);
    return typeof sample === 'object' && sample !== null ? isLike(own, sample) : typeof own === typeof sample;
  });
}
