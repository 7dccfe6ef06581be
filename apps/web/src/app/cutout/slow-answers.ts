import type { CutoutMark, Pixels, Plane } from '@kadrosyn/core';
import type { CutoutState } from './cutout-history';
import type { BegunCutout } from './cutout-messages';
import { SlowEngine } from './slow-engine';

type Place = readonly [x: number, y: number];

/** What comes after the quick answer: a person where nothing else stood out, sought once for each state, and paths along edges. */
export class SlowAnswers {
  private readonly engine = new SlowEngine();
  private readonly sought = new WeakSet<readonly CutoutMark[]>();

  end(): void {
    this.engine.end();
  }

  mayFindPerson({ marks }: CutoutState): boolean {
    return marks.at(-1)?.kind === 'suggest' && !this.sought.has(marks);
  }

  /** Where a person is, as the model of persons sees it; null where it sees none. */
  async person({ copy }: BegunCutout, { marks }: CutoutState): Promise<Plane | null> {
    this.sought.add(marks);
    return this.engine.person(copy).catch((error: unknown) => {
      console.error(error);
      return null;
    });
  }

  /**
   * The path along edges from one place to another; only the end where none can be found.
   * @param traced - the photo, as large as it is traced
   * @param photo - the size of the photo; places and path are in its px
   */
  async path(
    traced: Pixels,
    photo: { readonly width: number; readonly height: number },
    from: Place,
    to: Place,
  ): Promise<readonly number[]> {
    try {
      await this.engine.look(traced);
      const scale = traced.width / photo.width;
      const onPicture = ([x, y]: Place): [number, number] => [
        Math.min(traced.width - 1, Math.max(0, Math.floor(x * scale))),
        Math.min(traced.height - 1, Math.max(0, Math.floor(y * scale))),
      ];
      const path = await this.engine.path(onPicture(from), onPicture(to));
      return path.map((value) => Math.round(((value + 0.5) / scale) * 10) / 10);
    } catch (error) {
      console.error(error);
      return to;
    }
  }
}
