import type { ElementRef } from '@angular/core';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, viewChild } from '@angular/core';
import {
  alphaOf,
  applyEdit,
  changeOpening,
  filledBounds,
  resolvedIn,
  type Opening,
  type PhotoFill,
  type Project,
  type Sheet,
} from '@kadrosyn/core';
import {
  borderedPicture,
  BROWSER_ENVIRONMENT,
  drawPlainSheet,
  LevelChain,
  sheetSize,
  type PhotoLevel,
  type PhotoSource,
} from '@kadrosyn/render';
import { PhotoLevels } from '../photos/photo-levels';
import type { SubjectPreview } from './cutout-messages';
import { CUTOUT_PLACE } from './cutout-place';
import { CutoutWork } from './cutout-work';

/** On what the result is looked at: the sheet itself, a colour, or as a silhouette. */
export type CutoutGround = 'sheet' | 'white' | 'dark' | 'green' | 'silhouette';

/** Width of the picture, CSS px. */
const WIDTH = 272;
/** It takes no more height than this. */
const MOST_HEIGHT = 300;
/** The name of the matte that is only shown. */
const SHOWN = 'f'.repeat(64);
const COLOURS = { white: '#ffffff', dark: '#1d2629', green: '#789a3c' } as const;

/** The result in place: on the sheet as it will be, or on a plain ground. */
@Component({
  selector: 'ka-cutout-preview',
  template: `<canvas #canvas role="img" [attr.aria-label]="label()"></canvas>`,
  styles: `
    :host {
      display: block;
    }
    canvas {
      display: block;
      max-width: 100%;
      margin-inline: auto;
      border: 1px solid var(--rule);
      border-radius: var(--radius);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CutoutPreviewComponent {
  private readonly place = inject(CUTOUT_PLACE);
  private readonly levels = inject(PhotoLevels);
  private readonly work = inject(CutoutWork);
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  readonly opening = input.required<Opening | null>();
  readonly show = input.required<NonNullable<PhotoFill['show']>>();
  readonly ground = input.required<CutoutGround>();
  readonly label = computed(() => (this.ground() === 'silhouette' ? 'Silhouette of the subject' : 'The subject in place'));
  /** The last subject that was worked out: it stays until the next one is there. */
  private last: SubjectPreview | null = null;

  constructor() {
    effect(() => this.draw());
  }

  private draw(): void {
    this.levels.version();
    const preview = this.work.preview() ?? (this.work.hasAnswer() ? this.last : null);
    this.last = preview;
    const [opening, ground] = [this.opening(), this.ground()];
    const context = this.canvas().nativeElement.getContext('2d', { willReadFrequently: true });
    if (!context) return;
    if (ground === 'sheet' && opening) this.drawOnSheet(context, opening, preview);
    else this.drawAlone(context, ground, preview);
  }

  private drawOnSheet(context: CanvasRenderingContext2D, opening: Opening, preview: SubjectPreview | null): void {
    const [project, sheet, shaper, photo] = [this.place.project(), this.place.sheet(), this.place.shaper(), this.work.photo()];
    if (!project || !sheet || !shaper || !photo) return;
    const { width, height } = this.fit(sheet.width, sheet.height);
    const scale = (width * this.ratio) / sheet.width;
    const size = sheetSize(sheet, scale);
    this.resize(size.width, size.height, width, height);
    const shown = preview ? withCutout(project, sheet, opening, this.show()) : { project, sheet };
    const source: PhotoSource = preview ? new PreviewSource(this.levels, preview, photo) : this.levels;
    const resources = { environment: BROWSER_ENVIRONMENT, photos: shown.project.photos, source, shaper };
    drawPlainSheet(context, resolvedIn(shown.project, shown.sheet), { scale, left: 0, top: 0 }, resources);
  }

  private drawAlone(context: CanvasRenderingContext2D, ground: CutoutGround, preview: SubjectPreview | null): void {
    const photo = this.work.photo();
    if (!photo) return;
    const { width, height } = this.fit(photo.width, photo.height);
    this.resize(Math.round(width * this.ratio), Math.round(height * this.ratio), width, height);
    const { canvas } = context;
    context.fillStyle = ground === 'silhouette' ? '#ffffff' : COLOURS[ground === 'sheet' ? 'white' : ground];
    context.fillRect(0, 0, canvas.width, canvas.height);
    if (!preview) return;
    const { subject } = preview;
    const surface = new OffscreenCanvas(subject.width, subject.height);
    const own = surface.getContext('2d')!;
    const image = own.createImageData(subject.width, subject.height);
    image.data.set(subject.data);
    own.putImageData(image, 0, 0);
    if (ground === 'silhouette') {
      own.globalCompositeOperation = 'source-in';
      own.fillStyle = '#000000';
      own.fillRect(0, 0, subject.width, subject.height);
    }
    // The subject as large as it can be, so that its edge can be judged.
    const at = filledBounds(alphaOf(subject));
    if (at.width === 0) return;
    const scale = Math.min(canvas.width / at.width, canvas.height / at.height) * 0.94;
    const [w, h] = [at.width * scale, at.height * scale];
    context.imageSmoothingQuality = 'high';
    context.drawImage(surface, at.x, at.y, at.width, at.height, (canvas.width - w) / 2, (canvas.height - h) / 2, w, h);
  }

  private get ratio(): number {
    return globalThis.devicePixelRatio || 1;
  }

  private fit(width: number, height: number): { width: number; height: number } {
    const scale = Math.min(WIDTH / width, MOST_HEIGHT / height);
    return { width: Math.round(width * scale), height: Math.round(height * scale) };
  }

  private resize(width: number, height: number, cssWidth: number, cssHeight: number): void {
    const canvas = this.canvas().nativeElement;
    [canvas.width, canvas.height] = [width, height];
    [canvas.style.width, canvas.style.height] = [`${cssWidth}px`, `${cssHeight}px`];
  }
}

/** The project as if the opening had the cutout. */
function withCutout(
  project: Project,
  sheet: Sheet,
  opening: Opening,
  show: NonNullable<PhotoFill['show']>,
): { project: Project; sheet: Sheet } {
  if (opening.fill.type !== 'photo') return { project, sheet };
  const { photoId } = opening.fill;
  const cutouts = [{ id: 'shown', name: 'Shown', revisions: [{ matteSha256: SHOWN, marks: [] }] }];
  const { show: _before, ...rest } = opening.fill;
  const fill: PhotoFill = { ...rest, cutout: { id: 'shown', revision: SHOWN }, ...(show === 'subject' ? { show } : {}) };
  const photos = { ...project.photos, [photoId]: { ...project.photos[photoId]!, cutouts } };
  const changed = applyEdit({ ...project, photos }, changeOpening(sheet, opening, { fill }, ''));
  return { project: changed, sheet: changed.sheets.find(({ id }) => id === sheet.id)! };
}

/** Photos as everywhere, and the subject that is only shown. */
class PreviewSource implements PhotoSource {
  private readonly chain: LevelChain;

  constructor(
    private readonly levels: PhotoLevels,
    { subject, index }: SubjectPreview,
    photo: { readonly width: number; readonly height: number },
  ) {
    this.chain = new LevelChain(subject, index, photo);
  }

  level(photoId: string, scale: number): PhotoLevel | undefined {
    return this.levels.level(photoId, scale);
  }

  subject(photoId: string, matteSha256: string, scale: number): PhotoLevel | undefined {
    if (matteSha256 !== SHOWN) return this.levels.subject(photoId, matteSha256, scale);
    const index = this.chain.indexFor(scale);
    const pixels = this.chain.at(index);
    return { index, pixels, opaque: false, image: () => borderedPicture(pixels, BROWSER_ENVIRONMENT) };
  }
}
