import { picture, type PictureRequest } from './picture.js';

self.onmessage = ({ data }: MessageEvent<PictureRequest>): void => {
  picture(data, (width, height) => new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!).then(
    (image) => self.postMessage(image.data),
    (error: unknown) => self.postMessage(String(error)),
  );
};
