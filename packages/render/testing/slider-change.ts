import type { ItemProperties, Opening, PhotoFill, Sheet } from '@kadrosyn/core';

/** A slider of the finish that is moved in every frame. */
export type Slider = 'opacity' | 'colour' | 'tone' | 'curve' | 'shadow' | 'shade' | 'blur' | 'grain';

/** What the slider sets at a step. */
export function sliderChange(slider: Slider, { finish, fill }: Opening, step: number): ItemProperties {
  const share = 0.3 + 0.02 * (step % 30);
  const photo = fill as PhotoFill;
  switch (slider) {
    case 'opacity':
      return { finish: { ...finish, opacity: share } };
    case 'colour':
      return { finish: { ...finish, outline: { align: 'inside', width: 12, paint: `#20${(64 + (step % 64)).toString(16)}2a` } } };
    case 'tone':
      return { fill: { ...photo, tone: { brightness: share - 0.5, saturation: share } } };
    case 'curve':
      return {
        fill: {
          ...photo,
          tone: {
            curve: [
              { x: 0, y: 0 },
              { x: 0.4, y: share },
              { x: 1, y: 1 },
            ],
          },
        },
      };
    case 'shadow':
      return { finish: { ...finish, shadow: { distance: 12, blur: 60 * share, strength: 0.5 } } };
    case 'shade':
      return { finish: { ...finish, innerShade: { colour: '#20272a', blur: 60 * share, strength: 0.5 } } };
    case 'blur':
      return { fill: { ...photo, blur: 40 * share } };
    case 'grain':
      return { fill: { ...photo, effects: [{ kind: 'grain', strength: share }] } };
  }
}

/** The sheet with a mood that a slider sets at a step. */
export function moodAt(sheet: Sheet, step: number): Sheet {
  return {
    ...sheet,
    mood: {
      tone: {
        contrast: 0.01 * (step % 50),
        curve: [
          { x: 0, y: 0 },
          { x: 0.4, y: 0.3 },
          { x: 1, y: 1 },
        ],
      },
    },
  };
}
