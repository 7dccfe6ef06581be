/// <reference lib="webworker" />
import { takeDrawing, takeOutline } from '@kadrosyn/core';
import type { DrawingRead } from './read-drawing';

addEventListener('message', ({ data }: MessageEvent<string>) => {
  const read: DrawingRead = { outline: takeOutline(data), drawing: takeDrawing(data) };
  postMessage(read);
});
