import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { PRODUCT_SCENES } from './product-scenes.js';
import { randomFrom, traceRow } from './trace-paths.js';

/**
 * Draws the scenes of our own mockups into the sample pictures, and prints where their areas are. For one of them:
 * `npx tsx demo/scenes/render-scenes.ts poster-board`; for a quick look add how many paths a px, and a divisor of the size.
 */
const [wanted, samples = '64', divisor = '1', target] = process.argv.slice(2);

/** Light of 1 is as light as a photo gets; above half of it the film saturates slowly. */
function developed(light: number): number {
  const exposed = light * 0.92;
  const value = exposed < 0.5 ? exposed : 0.5 + 0.5 * (1 - Math.exp(-(exposed - 0.5) / 0.5));
  return 255 * (value <= 0.0031308 ? 12.92 * value : 1.055 * value ** (1 / 2.4) - 0.055);
}

for (const [name, make] of Object.entries(PRODUCT_SCENES)) {
  if (wanted && wanted !== name) continue;
  const { scene, areas } = make();
  const size = { ...scene, width: scene.width / Number(divisor), height: scene.height / Number(divisor) };
  const data = Buffer.alloc(3 * size.width * size.height);
  const random = randomFrom(99);
  for (let y = 0; y < size.height; y++) {
    const row = traceRow(size, y, Number(samples));
    for (let i = 0; i < row.length; i++) {
      const noise = (random() + random() + random() - 1.5) * 1.6;
      data[3 * y * size.width + i] = Math.max(0, Math.min(255, Math.round(developed(row[i]!) + noise)));
    }
  }
  const file = target ?? fileURLToPath(new URL(`../pictures/${name}.jpg`, import.meta.url));
  await sharp(data, { raw: { width: size.width, height: size.height, channels: 3 } })
    .jpeg({ quality: 92, chromaSubsampling: '4:4:4' })
    .withIccProfile('srgb')
    .toFile(file);
  console.info(name, JSON.stringify(areas));
}
