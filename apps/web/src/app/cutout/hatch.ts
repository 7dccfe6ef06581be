/** Width of a stripe and of the gap beside it, CSS px. */
const STRIPE = 7;

/**
 * A hatch over all of a photo that is not kept: pale stripes, so that what is left out is never told by a tint that the photo may have itself.
 * @param at - the place of the photo: left, top, width, height.
 * @param kept - a picture whose alpha is kept.
 * @param ratio - device px to one CSS px.
 */
export function hatch(
  width: number,
  height: number,
  at: readonly [number, number, number, number],
  kept: CanvasImageSource,
  ratio: number,
): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [width, height];
  const context = canvas.getContext('2d')!;
  context.save();
  context.beginPath();
  context.rect(...at);
  context.clip();
  context.fillStyle = 'rgb(255 252 245 / 38%)';
  context.fillRect(...at);
  context.strokeStyle = 'rgb(255 252 245 / 62%)';
  context.lineWidth = STRIPE * ratio;
  const step = 2 * STRIPE * ratio * Math.SQRT2;
  const [left, , across] = at;
  context.beginPath();
  // Fixed to the window, so that zooming does not change how it looks.
  const first = Math.floor((left - height) / step) * step;
  for (let x = first; x < left + across; x += step) {
    context.moveTo(x, height);
    context.lineTo(x + height, 0);
  }
  context.stroke();
  context.globalCompositeOperation = 'destination-out';
  context.imageSmoothingQuality = 'high';
  context.drawImage(kept, ...at);
  context.restore();
  return canvas;
}
