import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import {
  findOpening,
  isConvexQuad,
  likeliest,
  photoToSheet,
  placedPhoto,
  sheetToPhoto,
  type AreaCandidate,
  type AreaForm,
  type FlatForm,
  type Opening,
  type Photo,
  type Point,
} from '@kadrosyn/core';
import { AreaEditing } from '../../areas/area-editing';
import { AreaEngine } from '../../areas/area-engine';
import { AreaLibrary } from '../../areas/area-library';
import { Notices } from '../../session/notices';
import { EditorSession } from '../../session/session';

/** Pointing at a part of a photo that can show something. Points and forms are px of the photo. */
@Injectable()
export class AreaFinding {
  private readonly session = inject(EditorSession);
  private readonly engine = inject(AreaEngine);
  private readonly editing = inject(AreaEditing);
  private readonly library = inject(AreaLibrary);
  private readonly notices = inject(Notices);

  private readonly hostId = signal<string | null>(null);
  /** The place that was last looked at, or the stroke. */
  private readonly stroke = signal<readonly Point[]>([]);
  readonly candidates = signal<readonly AreaCandidate[]>([]);
  readonly chosen = signal(0);
  /** A form that was corrected by hand, or another than was found. */
  private readonly own = signal<AreaForm | null>(null);
  /** It stays while the pointer goes elsewhere. */
  readonly pinned = signal(false);
  /** What was asked before the photo had arrived. */
  private readonly early = signal<{ readonly stroke: readonly Point[]; readonly pin: boolean } | null>(null);
  readonly looking = signal(false);
  /** Something was looked for since the mode began. */
  readonly looked = signal(false);

  readonly active = computed(() => this.hostId() !== null);
  readonly form = computed<AreaForm | null>(() => this.own() ?? this.candidates()[this.chosen()]?.form ?? null);
  readonly isByHand = computed(() => this.own() !== null && this.candidates().length === 0);

  /** The opening whose photo is looked at, as it is shown. */
  readonly host = computed<Opening | null>(() => {
    const [id, sheet] = [this.hostId(), this.session.shownSheet()];
    return id === null || !sheet ? null : (findOpening(sheet, id) ?? null);
  });
  readonly photo = computed<Photo | null>(() => {
    const host = this.host();
    return (host && placedPhoto(host, this.session.context())?.photo) ?? null;
  });
  /** Whether there is anything to look at yet. */
  readonly isHere = computed(() => {
    const photo = this.photo();
    return photo !== null && this.engine.hasPhoto(photo);
  });
  readonly toSheet = computed(() => {
    const host = this.host();
    return host && photoToSheet(host, this.session.context());
  });
  /** Areas that are known already. */
  readonly known = computed(() => {
    const photo = this.photo();
    return photo ? this.library.of(photo) : [];
  });

  constructor() {
    // Whoever goes on with something else does not point any more.
    effect(() => {
      const [id, selected] = [this.hostId(), this.session.selectedOpening()?.id ?? this.session.background()?.id];
      if (id !== null && selected !== id) untracked(() => this.cancel());
    });
    // What was pointed at before the photo had arrived.
    effect(() => {
      const early = this.isHere() ? this.early() : null;
      if (early) untracked(() => void this.look(early.stroke, early.pin));
    });
  }

  /** @param at - px of the sheet, where it is looked at once. @returns whether there is a photo to look at */
  begin(host: Opening, at?: Point): boolean {
    const photo = placedPhoto(host, this.session.context())?.photo;
    if (!photo) return false;
    this.cancel();
    this.session.select(host.id);
    this.hostId.set(host.id);
    this.library.ask(photo.id);
    this.engine.warm(photo);
    const place = at && sheetToPhoto(host, at, this.session.context());
    if (place) void this.look([place], true);
    return true;
  }

  cancel(): void {
    this.hostId.set(null);
    this.pinned.set(false);
    this.looked.set(false);
    this.forget();
  }

  /** Goes back a step: from an area that stays to pointing, and from there to the end. */
  goBack(): void {
    if (!this.pinned()) return this.cancel();
    this.pinned.set(false);
    this.forget();
  }

  /** @param at - px of the sheet */
  placeOf(at: Point): Point | null {
    const host = this.host();
    return host && sheetToPhoto(host, at, this.session.context());
  }

  /** Looks for areas that hold a place or a stroke; whatever was asked before is left. @param pin - it stays, also while it is looked for */
  async look(stroke: readonly Point[], pin = false): Promise<void> {
    const photo = this.photo();
    if (!photo || (this.pinned() && !pin)) return;
    const isOn = stroke.some(({ x, y }) => x >= 0 && y >= 0 && x < photo.width && y < photo.height);
    if (!isOn) {
      this.forget();
      return;
    }
    this.stroke.set(stroke);
    this.early.set(this.isHere() ? null : { stroke, pin });
    if (this.early()) return;
    this.looking.set(true);
    try {
      const found = await this.engine.find(photo, stroke);
      // A newer question has overtaken it, or the mode has ended.
      if (!found || this.stroke() !== stroke || !this.active()) return;
      this.own.set(null);
      this.candidates.set(found);
      this.chosen.set(Math.max(0, likeliest(found)));
      this.pinned.set(pin && found.length > 0);
      this.looked.set(true);
    } catch (error) {
      console.error(error);
      if (this.stroke() !== stroke) return;
      this.notices.say('The photo could not be looked at just now. Point again, or draw the corners by hand.');
    } finally {
      if (this.stroke() === stroke) this.looking.set(false);
    }
  }

  /** To the next larger one, or the next smaller. @returns whether there is one */
  step(by: 1 | -1): boolean {
    const next = this.chosen() + by;
    if (!this.candidates()[next]) return false;
    this.own.set(null);
    this.chosen.set(next);
    return true;
  }

  /** What was found, in another form. */
  async as(type: AreaForm['type']): Promise<void> {
    const [photo, found, stroke] = [this.photo(), this.candidates()[this.chosen()], this.stroke()];
    if (!photo || !found || this.form()?.type === type) return;
    if (found.form.type === type) {
      this.own.set(null);
      return;
    }
    this.looking.set(true);
    const form = await this.engine.as(photo, { stroke, level: found.level }, type).catch(() => null);
    this.looking.set(false);
    if (form) this.own.set(form);
    else this.notices.say('It has no such form. What was found stays.');
  }

  /** Four corners in the middle of the photo, to be dragged where they belong. */
  byHand(): void {
    const photo = this.photo();
    if (!photo) return;
    const { width, height } = photo;
    this.forget();
    const at = (x: number, y: number): Point => ({ x: width * x, y: height * y });
    this.own.set({ type: 'flat', corners: [at(0.3, 0.3), at(0.7, 0.3), at(0.7, 0.7), at(0.3, 0.7)] });
    this.pinned.set(true);
  }

  moveCorner(index: number, to: Point): void {
    const form = this.form();
    if (form?.type !== 'flat') return;
    const corners = form.corners.map((corner, i) => (i === index ? to : corner)) as unknown as FlatForm['corners'];
    if (isConvexQuad(corners, 1)) this.own.set({ ...form, corners });
  }

  /** An opening is laid in what is shown. */
  take(): void {
    const [host, form] = [this.host(), this.form()];
    if (host && form && this.editing.take(host, form, this.own() === null)) this.cancel();
  }

  private forget(): void {
    this.stroke.set([]);
    this.early.set(null);
    this.looking.set(false);
    this.own.set(null);
    this.candidates.set([]);
    this.chosen.set(0);
  }
}
