import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fileName, fileNames } from './file-names.js';

describe('names of files', () => {
  it('are those of the project, and of the sheet where there are several', () => {
    expect(fileName('Kiln: day/1', null)).toBe('Kiln day1');
    expect(fileNames('Programme', ['Outside'])).toEqual(['Programme']);
    expect(fileNames('Programme', ['Outside', 'Inside'])).toEqual(['Programme - Outside', 'Programme - Inside']);
  });

  it('are told apart where sheets have the same name, whatever the case of its letters', () => {
    expect(fileNames('Tags', ['Tag', 'tag', 'Tag 2', 'Tag'])).toEqual([
      'Tags - Tag',
      'Tags - tag 2',
      'Tags - Tag 2 2',
      'Tags - Tag 3',
    ]);
  });

  it('never hide a file, leave its folder, or are the same', () => {
    fc.assert(
      fc.property(fc.string(), fc.array(fc.string(), { minLength: 1, maxLength: 8 }), (project, sheets) => {
        const names = fileNames(project, sheets);
        expect(new Set(names.map((name) => name.toLowerCase())).size).toBe(sheets.length);
        for (const name of names) {
          expect(name).not.toMatch(/^\.|[/\\:]|^$/);
          expect(name.length).toBeLessThanOrEqual(300);
        }
      }),
    );
  });
});
