import { inject, Injectable, signal } from '@angular/core';
import { findFace, type ChosenFace, type FaceAxes } from '@kadrosyn/core';
import { faultOf } from '../api/fault';
import { Server } from '../api/server';
import type { OwnFace } from '@kadrosyn/contract';

/** The lettering faces of the workspace's own. */
@Injectable({ providedIn: 'root' })
export class OwnFaces {
  private readonly server = inject(Server);
  private readonly kept = signal<readonly OwnFace[]>([]);
  /** By name. */
  readonly list = this.kept.asReadonly();
  private loading: Promise<void> | undefined;

  load(): Promise<void> {
    this.loading ??= this.server.faces().then(
      (faces) => this.kept.set(faces),
      () => {
        this.loading = undefined;
      },
    );
    return this.loading;
  }

  find(id: string): OwnFace | undefined {
    return this.kept().find((face) => face.id === id);
  }

  /** A face as letters name it: of one's own, with its name and the shipped one that looks most like it. */
  chosen(id: string): ChosenFace {
    const own = this.find(id);
    return own ? { face: id, faceName: own.name, standIn: own.similar } : { face: id };
  }

  /** The axes of any face, shipped or own. */
  readonly axesOf = (id: string): FaceAxes => (findFace(id) ?? this.find(id))?.axes ?? {};

  /** Adds font files. @returns what came of each. */
  async add(files: readonly File[]): Promise<{ readonly fileName: string; readonly face?: OwnFace; readonly fault?: string }[]> {
    const results = [];
    for (const file of files) {
      try {
        const face = await this.server.addFace(file);
        this.kept.update((list) =>
          [...list.filter(({ id }) => id !== face.id), face].sort((a, b) => a.name.localeCompare(b.name)),
        );
        results.push({ fileName: file.name, face });
      } catch (error) {
        results.push({ fileName: file.name, fault: faultOf(error).message });
      }
    }
    return results;
  }

  /** @throws Fault when it could not be removed. */
  async remove(id: string): Promise<void> {
    await this.server.removeFace(id);
    this.kept.update((list) => list.filter((face) => face.id !== id));
  }
}
