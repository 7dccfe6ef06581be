import type { UploadedFile } from '@kadrosyn/contract';
import { Fault, isPassingStatus } from './fault';

/** An upload that has not moved on for so long counts as cut off, ms. Taking a file in takes the server up to half a minute. */
const STALL = 90_000;

/** Sends one file; `onProgress` gets the share that has left, 0 to 1. XMLHttpRequest, since fetch does not tell. */
export function upload(file: File, onProgress: (share: number) => void): Promise<UploadedFile> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('POST', '/api/photos');
    request.responseType = 'json';
    const cutOff = (): void => reject(new TypeError('The upload was cut off'));
    let stall = setTimeout(() => request.abort(), STALL);
    request.onloadend = () => clearTimeout(stall);
    request.onerror = cutOff;
    request.onabort = cutOff;
    request.upload.onprogress = (event) => {
      clearTimeout(stall);
      stall = setTimeout(() => request.abort(), STALL);
      onProgress(event.total > 0 ? event.loaded / event.total : 0);
    };
    request.onload = () => {
      const answer = request.response as { files?: UploadedFile[]; code?: string; message?: string } | null;
      const uploaded = answer?.files?.[0];
      if (uploaded) resolve(uploaded);
      else {
        const words = answer?.message ?? 'The photo could not be added. Try again.';
        reject(new Fault(answer?.code ?? 'unexpected', words, {}, isPassingStatus(request.status)));
      }
    };
    const form = new FormData();
    form.append('file', file, file.name);
    request.send(form);
  });
}
