import { crossingKey } from '@kadrosyn/core';
import { computed, inject, Injectable } from '@angular/core';
import { breakoutFaults, type BreakoutFault } from '@kadrosyn/render';
import { Notices } from '../notices';
import { BreakoutEditing } from './breakout-editing';
import { BreakoutFinder } from './breakout-finder';
import { CutLines } from './cut-lines';
import { HandPainting } from './hand-painting';

/** Something that would look wrong, in words, and what can be done about it at once. */
export interface BreakoutCheck {
  readonly key: string;
  readonly words: string;
  readonly fault: BreakoutFault;
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
    return breakoutFaults(found.overhang, found.crossings, found.sheet).map((fault, index) => ({
      key: `${fault.kind} ${index}`,
      fault,
      words: this.wordsFor(fault),
      remedy: this.remedyFor(fault),
    }));
  });

  private wordsFor(fault: BreakoutFault): string {
    switch (fault.kind) {
      case 'hard-cut': {
        const what = fault.cut === 'painted' ? 'What was painted' : `Cut line ${fault.cut + 1}`;
        return `${what} makes a hard cut, ${Math.round(fault.length)} px long, through the middle of things.`;
      }
      case 'at-border':
        return `Piece ${fault.piece + 1} ends at the border of the photo: the camera cut the subject off there, over ${Math.round(fault.length)} px.`;
      case 'off-sheet':
        return `Piece ${fault.piece + 1} runs off the sheet, over ${Math.round(fault.length)} px.`;
      case 'small-crossing':
        return `It crosses ${this.nameOf(fault)} by only about ${Math.max(1, Math.round(fault.side))} px, which looks like a slip. Move it a little.`;
      case 'no-background':
        return `The subject covers ${Math.round(fault.share * 100)} % of the edge: no ground is seen there for it to come out of. Make the photo smaller.`;
    }
  }

  private remedyFor(fault: BreakoutFault): BreakoutCheck['remedy'] {
    if (fault.kind === 'at-border' || fault.kind === 'off-sheet') {
      return { name: 'Keep it in', run: () => this.editing.letPiece(fault.piece, false) };
    }
    if (fault.kind !== 'hard-cut') return null;
    if (fault.cut === 'painted') return { name: 'Paint on', run: () => this.painting.begin(crossingKey(fault.crossing!)) };
    const pair = fault.crossing && crossingKey(fault.crossing);
    return {
      name: 'To the nearest edge',
      run: () => {
        const cut = this.lines
          .shown()
          .find(({ target, index }) => index === fault.cut && (target === 'overhang' ? pair === null : target.pair === pair));
        if (cut && !this.lines.toEdge(cut)) this.notices.say('There is no better place near by. The cut stays where it is.');
      },
    };
  }

  private nameOf({ crossing, label }: Extract<BreakoutFault, { kind: 'small-crossing' }>): string {
    const named = this.editing.regions().find(({ survey, region }) => survey.crossing === crossing && region.label === label);
    return named?.long ?? 'another item';
  }
}
