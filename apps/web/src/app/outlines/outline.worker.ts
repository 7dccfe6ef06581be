/// <reference lib="webworker" />
import { takeOutline } from '@kadrosyn/core';

addEventListener('message', ({ data }: MessageEvent<string>) => postMessage(takeOutline(data)));
