import type { StoredProject, UploadedFile } from '@kadrosyn/contract';
import { Fault, isPassingStatus } from './fault';

/** An upload that has not moved on for so long counts as cut off, ms. Taking a photo in takes the server up to half a minute, a project with many up to ten. */
const STALL = { photo: 90_000, project: 600_000 } as const;

/** Sends one photo; `onProgress` gets the share that has left, 0 to 1. @throws Fault, or TypeError when it was cut off */
export async function upload(file: File, onProgress: (share: number) => void): Promise<UploadedFile> {
  const failed = 'The photo could not be added. Try again.';
  const answer = await send<{ files: UploadedFile[] }>(file, { to: '/api/photos', stall: STALL.photo, failed }, onProgress);
  return answer.files[0]!;
}

/** The same for a project file. */
export function uploadProject(file: File, onProgress: (share: number) => void): Promise<StoredProject> {
  const failed = 'The file could not be opened. Nothing was added; try again.';
  return send<StoredProject>(file, { to: '/api/kadro', stall: STALL.project, failed }, onProgress);
}

interface Sending {
  readonly to: string;
  /** ms. */
  readonly stall: number;
  /** What is said where the server says nothing. */
  readonly failed: string;
}

/** XMLHttpRequest, since fetch does not tell how far it is. */
function send<Answer>(file: File, { to, stall, failed }: Sending, onProgress: (share: number) => void): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('POST', to);
    request.responseType = 'json';
    const cutOff = (): void => reject(new TypeError('The upload was cut off'));
    let timer = setTimeout(() => request.abort(), stall);
    request.onloadend = () => clearTimeout(timer);
    request.onerror = cutOff;
    request.onabort = cutOff;
    request.upload.onprogress = (event) => {
      clearTimeout(timer);
      timer = setTimeout(() => request.abort(), stall);
      onProgress(event.total > 0 ? event.loaded / event.total : 0);
    };
    request.onload = () => {
      const answer = request.response as (Answer & { code?: string; message?: string }) | null;
      if (answer && request.status < 300) resolve(answer);
      else reject(new Fault(answer?.code ?? 'unexpected', answer?.message ?? failed, {}, isPassingStatus(request.status)));
    };
    const form = new FormData();
    form.append('file', file, file.name);
    request.send(form);
  });
}
