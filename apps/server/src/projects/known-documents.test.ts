import { newProject } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { KnownDocuments } from '../../dist/projects/known-documents.js';

const project = (name: string) => newProject(name, { width: 9, height: 9, unit: 'px' });

describe('known documents', () => {
  it('are known by their revision only', () => {
    const known = new KnownDocuments();
    const card = project('Card');
    known.remember('a', 3, card, 100);
    expect([known.at('a', 2), known.at('a', 3), known.at('b', 3)]).toEqual([undefined, card, undefined]);
    const changed = project('Changed');
    known.remember('a', 4, changed, 100);
    expect([known.at('a', 3), known.at('a', 4)]).toEqual([undefined, changed]);
  });

  it('are forgotten, those not saved for longest first, when there are too many', () => {
    const known = new KnownDocuments(250);
    for (const id of ['a', 'b']) known.remember(id, 1, project(id), 100);
    known.remember('a', 2, project('a again'), 100);
    known.remember('c', 1, project('c'), 100);
    expect(['a', 'b', 'c'].map((id) => (known.at(id, 1) ?? known.at(id, 2))?.name)).toEqual(['a again', undefined, 'c']);
    known.remember('large', 1, project('large'), 1000);
    expect(known.at('large', 1)).toBeUndefined();
  });
});
