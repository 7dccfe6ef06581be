import type { Project } from '@kadrosyn/core';

/** Characters of JSON of all documents that are remembered. */
const MOST = 20_000_000;

interface Known {
  readonly revision: number;
  readonly project: Project;
  readonly size: number;
}

/**
 * Small documents as they were last saved here, checked and taken apart: who saves again and again has them read and checked once. A document of
 * another revision counts for nothing, so that other processes may change it.
 */
export class KnownDocuments {
  private readonly known = new Map<string, Known>();
  private size = 0;

  /** @param most - characters of JSON that are remembered. */
  constructor(private readonly most = MOST) {}

  at(id: string, revision: number): Project | undefined {
    const found = this.known.get(id);
    return found?.revision === revision ? found.project : undefined;
  }

  /** Those that were not saved for longest are forgotten first. @param size - characters of JSON. */
  remember(id: string, revision: number, project: Project, size: number): void {
    this.forget(id);
    this.known.set(id, { revision, project, size });
    this.size += size;
    for (const oldest of this.known.keys()) {
      if (this.size <= this.most) break;
      this.forget(oldest);
    }
  }

  private forget(id: string): void {
    this.size -= this.known.get(id)?.size ?? 0;
    this.known.delete(id);
  }
}
