import sharp from 'sharp';

/** An upload of a photo that is like no other, and how many pixels it has. */
export async function noiseUpload(seed: number): Promise<{ readonly form: FormData; readonly pixels: number }> {
  const [width, height] = [200 + (seed % 90), 100 + (seed % 70)];
  const noise = Buffer.from(Array.from({ length: width * height * 3 }, (_, i) => (i * (seed % 251) + seed) % 256));
  const bytes = await sharp(noise, { raw: { width, height, channels: 3 } })
    .png()
    .toBuffer();
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(bytes)]), `noise ${seed}.png`);
  return { form, pixels: width * height };
}
