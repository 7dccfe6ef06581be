import { TestBed } from '@angular/core/testing';
import type { Style } from '@kadrosyn/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Fault } from '../../api/fault';
import { OwnServer } from '../../api/own-server';
import { OwnStyles } from './own-styles';

const style = (id: string, name: string, revision = 1): Style => ({ id, name, revision, side: 300, finish: { opacity: 0.5 } });
const server = { styles: vi.fn(), addStyle: vi.fn(), changeStyle: vi.fn(), removeStyle: vi.fn() };
const away = new Fault('away', 'The server does not answer.', {}, true);

describe('styles of the workspace', () => {
  let styles: OwnStyles;
  const names = (): string[] => styles.list().map(({ name }) => name);

  beforeEach(() => {
    vi.resetAllMocks();
    TestBed.configureTestingModule({ providers: [{ provide: OwnServer, useValue: server }] });
    styles = TestBed.inject(OwnStyles);
    server.styles.mockResolvedValue([style('b', 'Soft'), style('a', 'Dusk')]);
  });

  it('are read once, by name; what failed is left to the next who asks', async () => {
    server.styles.mockRejectedValueOnce(away);
    await styles.load();
    expect([names(), styles.loaded(), styles.fault()]).toEqual([[], false, 'The server does not answer.']);
    await styles.load();
    await styles.load();
    expect([names(), styles.loaded(), styles.fault()]).toEqual([['Dusk', 'Soft'], true, null]);
    expect(server.styles).toHaveBeenCalledTimes(2);
  });

  it('are added, changed and removed as the server has them; a failure changes nothing', async () => {
    await styles.load();
    server.addStyle.mockResolvedValueOnce(style('c', 'Chalk'));
    expect((await styles.add({ name: 'Chalk', side: 300, finish: {} }))?.id).toBe('c');
    expect(names()).toEqual(['Chalk', 'Dusk', 'Soft']);
    server.changeStyle.mockResolvedValueOnce(style('b', 'Ash', 2)).mockRejectedValueOnce(away);
    expect((await styles.change('b', { name: 'Ash' }))?.revision).toBe(2);
    expect(await styles.change('a', { name: 'Night' })).toBeNull();
    expect([names(), styles.fault()]).toEqual([['Ash', 'Chalk', 'Dusk'], 'The server does not answer.']);
    server.removeStyle.mockRejectedValueOnce(away).mockResolvedValueOnce(undefined);
    await styles.remove('c');
    expect(names()).toEqual(['Ash', 'Chalk', 'Dusk']);
    await styles.remove('c');
    expect([names(), styles.fault()]).toEqual([['Ash', 'Dusk'], null]);
  });
});
