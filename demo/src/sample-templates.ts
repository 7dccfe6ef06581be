import type { Photo, Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from './sample-projects.js';
import { backdropPoster } from './templates/backdrop-poster.js';
import { badgeWithRing } from './templates/badge-with-ring.js';
import { foldedProgramme } from './templates/folded-programme.js';
import { giftVoucher } from './templates/gift-voucher.js';
import { instantStrip } from './templates/instant-strip.js';
import { ovalCard } from './templates/oval-card.js';
import { priceTags } from './templates/price-tags.js';
import { threeOpenings } from './templates/three-openings.js';

/** A template that ships with the application. */
export interface SampleTemplate {
  readonly name: string;
  /** More words by which it is found. */
  readonly words: string;
  readonly document: Project;
}

/** The templates of Wrenfold Pottery, in the order in which they are offered. */
export function sampleTemplates(photos: Readonly<Record<string, Photo>>, shaper: Shaper): SampleTemplate[] {
  const known = photos as SamplePhotos;
  const template = (words: string, make: (photos: SamplePhotos, shaper: Shaper) => Project): SampleTemplate => {
    const document = make(known, shaper);
    return { name: document.name, words, document };
  };
  return [
    template('card thanks invitation photo oval A6', ovalCard),
    template('poster photo behind evening event A3', backdropPoster),
    template('badge round team name ring', badgeWithRing),
    template('post square three photos shop new', threeOpenings),
    template('programme folded front back fold A5 A4 event', foldedProgramme),
    template('price tag label shop eight sheet A4', priceTags),
    template('gift voucher present photo behind long', giftVoucher),
    template('strip instant prints tape diary four photos', instantStrip),
  ];
}
