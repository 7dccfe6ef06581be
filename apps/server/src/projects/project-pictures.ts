import type { FastifyBaseLogger } from 'fastify';
import { loggableFault } from '../loggable-fault.js';
import type { Services } from '../services.js';
import { drawThumbnail } from './draw-thumbnail.js';

/** A project that was saved is drawn when nothing has been saved in it for so long, ms: its page is looked at later. */
const QUIET = 4_000;

/**
 * Small pictures of projects and templates. They are drawn before anybody asks: after each save, and when samples come. Whoever asks for one goes
 * before all that is drawn ahead.
 */
export class ProjectPictures {
  private readonly waiting = new Map<string, NodeJS.Timeout>();
  private isClosed = false;

  constructor(
    private readonly services: Services,
    private readonly log: FastifyBaseLogger,
  ) {}

  /** The picture of the project as it is now. @throws CodedError 404 */
  async ofProject(
    workspaceId: string,
    id: string,
    isAsked = true,
  ): Promise<{ readonly bytes: Buffer; readonly revision: number }> {
    const store = this.services.projects(workspaceId);
    const kept = await store.thumbnail(id);
    if (kept.bytes && kept.shown === kept.revision) return { bytes: kept.bytes, revision: kept.revision };
    const { document, revision } = await store.document(id);
    const bytes = await drawThumbnail(this.services, workspaceId, document, isAsked);
    await store.keepThumbnail(id, revision, bytes);
    return { bytes, revision };
  }

  /** The picture of a template. @throws CodedError 404 */
  async ofTemplate(workspaceId: string, id: string, isAsked = true): Promise<Buffer> {
    const store = this.services.templates(workspaceId);
    const kept = await store.thumbnail(id);
    if (kept) return kept;
    const bytes = await drawThumbnail(this.services, workspaceId, (await store.read(id)).document, isAsked);
    await store.keepThumbnail(id, bytes);
    return bytes;
  }

  /** Draws a project anew once it has been left alone for a while. */
  afterSave(workspaceId: string, id: string): void {
    const key = `${workspaceId}/${id}`;
    clearTimeout(this.waiting.get(key));
    const draw = (): void => {
      this.waiting.delete(key);
      void this.ahead(() => this.ofProject(workspaceId, id, false));
    };
    this.waiting.set(key, setTimeout(draw, QUIET).unref());
  }

  /** Draws all that have no picture yet, the newest first, as many as a page shows. */
  async drawMissing(workspaceId: string): Promise<void> {
    const [projects, templates] = await Promise.all([
      this.services.projects(workspaceId).list({ limit: 60 }),
      this.services.templates(workspaceId).list(),
    ]);
    // One after the other: what waits holds the files that it needs.
    for (const { id } of templates) await this.ahead(() => this.ofTemplate(workspaceId, id, false));
    for (const { id } of projects.rows) await this.ahead(() => this.ofProject(workspaceId, id, false));
  }

  close(): void {
    this.isClosed = true;
    for (const timer of this.waiting.values()) clearTimeout(timer);
    this.waiting.clear();
  }

  /** What goes wrong ahead of time is seen again by whoever asks. */
  private async ahead(draw: () => Promise<unknown>): Promise<void> {
    try {
      if (!this.isClosed) await draw();
    } catch (error) {
      this.log.debug(loggableFault(error), 'a picture was not drawn ahead');
    }
  }
}
