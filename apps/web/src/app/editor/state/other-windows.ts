import { Observable } from 'rxjs';

/** What windows of this browser tell each other. */
export interface ProjectSaved {
  readonly projectId: string;
  readonly revision: number;
}

const CHANNEL = 'kadrosyn-projects';

/** Tells the other windows that a project was saved. */
export function tellOtherWindows(saved: ProjectSaved): void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage(saved);
  channel.close();
}

/** What other windows tell. */
export function toldByOtherWindows(): Observable<ProjectSaved> {
  return new Observable((observer) => {
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = ({ data }: MessageEvent<ProjectSaved>) => observer.next(data);
    return () => channel.close();
  });
}
