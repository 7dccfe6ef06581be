import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { readingVerdict, readingWords } from '@kadrosyn/core';
import { FoldPartComponent } from '../../parts/fold-part.component';
import { OpenFolds } from '../../parts/open-folds';
import { WordReading } from '../../finish/word-reading';

const READABLE = 'Can it be read?';

/** How well the word can be read, letter by letter, and what helps. */
@Component({
  selector: 'ka-readable-part',
  imports: [MatButtonModule, MatButtonToggleModule, MatCheckboxModule, ShownToggleDirective, FoldPartComponent],
  templateUrl: './readable-part.component.html',
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    .letters {
      display: flex;
      flex-wrap: wrap;
      gap: 3px;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    .letters li {
      position: relative;
      min-width: 14px;
      padding: 2px 3px 6px;
      text-align: center;
    }
    .letters i {
      position: absolute;
      left: 2px;
      right: 2px;
      bottom: 1px;
      height: 4px;
      background: var(--rule);
    }
    .letters b {
      display: block;
      height: 100%;
      background: var(--spruce);
    }
    .letters .weak b {
      background: var(--persimmon);
    }
    .remedies {
      display: grid;
      gap: 5px;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    .remedies .mat-mdc-outlined-button {
      justify-content: space-between;
      width: 100%;
    }
    .remedies span {
      font-weight: 400;
      color: var(--soft);
    }
    .ways button {
      line-height: 1.15;
      padding-block: 4px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadablePartComponent {
  readonly reading = inject(WordReading);
  readonly folds = inject(OpenFolds);
  readonly name = READABLE;
  readonly percent = computed(() => {
    const measured = this.reading.measured();
    return measured ? Math.round(measured.seen * 100) : null;
  });
  readonly summary = computed(() => (this.percent() === null ? '…' : `${this.percent()} % of the edge`));
  readonly words = computed(() => {
    const measured = this.reading.measured();
    return this.reading.finding()?.words ?? (measured ? readingWords(measured) : '');
  });
  /** Letters with the share of their edge that can be seen. */
  readonly letters = computed(() => {
    const [word, measured] = [this.reading.word(), this.reading.measured()];
    if (word?.outline.type !== 'lettering' || !measured) return [];
    const shares = new Map(measured.letters.map(({ id, seen }) => [id, seen]));
    const segments = new Intl.Segmenter(undefined, { granularity: 'grapheme' });
    return word.outline.runs.flatMap((run) =>
      [...segments.segment(run.text)].flatMap(({ segment }, i) => {
        const seen = shares.get(run.letterIds[i] ?? '');
        if (seen === undefined) return [];
        return [{ letter: segment, percent: Math.round(seen * 100), isHard: readingVerdict(seen) === 'hard' }];
      }),
    );
  });

  constructor() {
    // Remedies are tried out while the part is open.
    effect(() => this.reading.isAsked.set(this.folds.isOpen(READABLE)));
    inject(DestroyRef).onDestroy(() => {
      this.reading.isAsked.set(false);
      this.reading.showsWeak.set(false);
    });
  }

  gain(seen: number): number {
    return Math.round(seen * 100) - (this.percent() ?? 0);
  }
}
