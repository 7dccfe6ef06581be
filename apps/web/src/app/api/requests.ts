import { Fault, isPassingStatus } from './fault';

/** How routes are asked. Every call is rejected with a Fault, or a TypeError when the server can not be reached. */
export abstract class Requests {
  /** All pages of a list, one after the other. */
  protected async all<T>(path: string, rows: string): Promise<T[]> {
    const found: T[] = [];
    for (let next: string | null = ''; next !== null;) {
      const query: string = new URLSearchParams({ limit: '500', ...(next ? { after: next } : {}) }).toString();
      const page: Record<string, unknown> = await this.get(`${path}?${query}`);
      found.push(...(page[rows] as T[]));
      next = page['next'] as string | null;
    }
    return found;
  }

  protected async get<T>(path: string, options: RequestInit = {}): Promise<T> {
    return this.read<T>(await fetch(path, options));
  }

  protected async send<T>(method: string, path: string, body?: unknown, options: RequestInit = {}): Promise<T> {
    const json: RequestInit =
      body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) };
    return this.read<T>(await fetch(path, { method, ...json, ...options }));
  }

  protected async read<T>(response: Response): Promise<T> {
    if (response.status === 204) return undefined as T;
    const body = (await response.json().catch(() => null)) as unknown;
    if (response.ok) return body as T;
    const { code, message, detail } = (body ?? {}) as { code?: string; message?: string; detail?: Record<string, unknown> };
    const words = message ?? 'The server gave no answer that can be read. Try again.';
    throw new Fault(code ?? 'unexpected', words, detail, isPassingStatus(response.status));
  }
}
