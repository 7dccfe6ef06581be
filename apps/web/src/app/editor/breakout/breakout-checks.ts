import { computed, inject, Injectable } from '@angular/core';
import { breakoutFindings, type CheckRemedy, type Crossing, type Point } from '@kadrosyn/core';
import { Notices } from '../session/notices';
import { BreakoutEditing } from './breakout-editing';
import { BreakoutFinder } from './breakout-finder';
import { CutLines } from '../modes/cut-lines/cut-lines';
import { HandPainting } from '../modes/painting/hand-painting';

/** Something that would look wrong, in words, and what can be done about it at once. */
export interface BreakoutCheck {
  readonly key: string;
  readonly words: string;
  /** Where it is marked, px of the sheet; null where a mark would say nothing. */
  readonly mark: Point | null;
  readonly remedy: { readonly name: string; readonly run: () => void } | null;
}

/** What would look wrong about the selected item, while it is worked on. */
@Injectable()
export class BreakoutChecks {
  private readonly finder = inject(BreakoutFinder);
  private readonly editing = inject(BreakoutEditing);
  private readonly lines = inject(CutLines);
  private readonly painting = inject(HandPainting);
  private readonly notices = inject(Notices);

  readonly checks = computed<readonly BreakoutCheck[]>(() => {
    const found = this.finder.findings();
    if (!found) return [];
    const nameOf = (crossing: Crossing, label: number): string => this.nameOf(crossing, label);
    return breakoutFindings({ ...found, nameOf }).map(({ check, words, at, remedies: [remedy] }, index) => ({
      key: `${check} ${index}`,
      words,
      mark: check === 'hard-cut' ? at : null,
      remedy: remedy ? { name: remedy.name, run: () => void this.run(remedy) } : null,
    }));
  });

  private async run(remedy: CheckRemedy): Promise<void> {
    switch (remedy.do) {
      case 'keep-in':
        return this.editing.letPiece(remedy.piece, false);
      case 'paint-on':
        this.painting.begin(remedy.pair);
        return;
      case 'move-cut': {
        const { pair } = remedy;
        const cut = this.lines
          .shown()
          .find(({ target, index }) => index === remedy.cut && (target === 'overhang' ? pair === null : target.pair === pair));
        if (cut && !(await this.lines.toEdge(cut)))
          this.notices.say('There is no better place near by. The cut stays where it is.');
      }
    }
  }

  private nameOf(crossing: Crossing, label: number): string {
    const named = this.editing.regions().find(({ survey, region }) => survey.crossing === crossing && region.label === label);
    return named?.long ?? 'another item';
  }
}
