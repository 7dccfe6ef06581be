import { isBackground, type FitRule, type Opening } from '@kadrosyn/core';
import { pictureWord } from '../../commands/picture-word';

/** A rule by which a picture is fitted, as it is offered. */
export interface FitChoice {
  readonly id: FitRule;
  readonly name: string;
}

/** The rules by which the picture of an opening can be fitted. */
export function fitChoices(opening: Opening): readonly FitChoice[] {
  return [
    { id: 'fill', name: isBackground(opening) ? 'Fill the sheet' : 'Fill the opening' },
    { id: 'whole', name: `Whole ${pictureWord(opening.fill)}` },
    { id: 'subject', name: 'On the subject' },
  ];
}
