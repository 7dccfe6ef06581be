import { photoIdOf, subjectOf, type Pixels } from '@kadrosyn/core';
import { LevelChain } from '@kadrosyn/render';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { expose, transfer } from 'comlink';
import { decode as decodePng } from 'fast-png';
import { bitmapLevels, transferredParts } from './bitmap-levels';
import { pixelsOf } from './pixels-of-file';
import { isPassingStatus } from '../api/fault';
import type { Decoded, DecodedLevel, DecodeFailure, DecodeRequest, LocalPhoto } from './photo-decoder';

/** Decodes photos and makes their levels, away from the main thread. */
const decoder = {
  /** The levels of a photo from the one wanted down to the coarsest. */
  async decode(request: DecodeRequest): Promise<Decoded> {
    try {
      const levels = await levelsOf(request);
      return transfer({ levels }, transferredParts(levels));
    } catch (error) {
      // Errors lose their kind on the way out of a worker.
      return { failure: error instanceof NotHere ? error.failure : 'unreadable', words: String(error) };
    }
  },

  /** Reads a file of one's own before it is uploaded: its name, upright size and a small picture. */
  async inspect(file: File): Promise<LocalPhoto> {
    const hash = bytesToHex(sha256(new Uint8Array(await file.arrayBuffer())));
    const bitmap = await createImageBitmap(file);
    const { width, height } = bitmap;
    const clear = file.type !== 'image/jpeg' && hasClearPlaces(bitmap);
    bitmap.close();
    return { id: photoIdOf(hash), sha256: hash, width, height, clear };
  },
};

async function levelsOf(request: DecodeRequest): Promise<DecodedLevel[]> {
  const blob = typeof request.source === 'string' ? await fetchBlob(request.source) : request.source;
  const photo = await pixelsOf(blob);
  const pixels = request.cutout ? subjectOf(photo, await fetchPng(request.cutout)) : photo;
  const chain = new LevelChain(pixels, request.index, request.full);
  return bitmapLevels(chain, Math.max(request.index, Math.min(request.wanted, chain.coarsest)));
}

/** Rows that are looked at together: some MB. */
const ROWS = 256;

/** Whether any px is even slightly clear; looked at strip by strip, and no further than the first. */
function hasClearPlaces(bitmap: ImageBitmap): boolean {
  const { width, height } = bitmap;
  const context = new OffscreenCanvas(width, Math.min(ROWS, height)).getContext('2d', { willReadFrequently: true });
  for (let top = 0; context && top < height; top += ROWS) {
    const rows = Math.min(ROWS, height - top);
    context.clearRect(0, 0, width, rows);
    context.drawImage(bitmap, 0, top, width, rows, 0, 0, width, rows);
    const { data } = context.getImageData(0, 0, width, rows);
    for (let i = 3; i < data.length; i += 4) if (data[i] !== 255) return true;
  }
  return false;
}

export type PhotoDecoder = typeof decoder;

/** A file that did not arrive. */
class NotHere extends Error {
  constructor(
    readonly failure: Exclude<DecodeFailure, 'unreadable'>,
    words: string,
  ) {
    super(words);
  }
}

async function fetchBlob(url: string): Promise<Blob> {
  try {
    const response = await fetch(url);
    if (response.ok) return await response.blob();
    throw new NotHere(isPassingStatus(response.status) ? 'away' : 'gone', `${url} answered ${response.status}`);
  } catch (error) {
    throw error instanceof NotHere ? error : new NotHere('away', `${url} did not arrive: ${String(error)}`);
  }
}

/** Read by code of our own choice: a canvas would multiply the colours of soft places by their alpha. */
async function fetchPng(url: string): Promise<Pixels> {
  const { width, height, data } = decodePng(await (await fetchBlob(url)).arrayBuffer());
  return { width, height, data: new Uint8ClampedArray(data.buffer as ArrayBuffer, data.byteOffset, data.byteLength) };
}

expose(decoder);
