import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { testProject } from '../../testing/test-documents.js';
import { exportName, exportNames, fileName, fileNames } from './file-names.js';
import type { Project, Sheet } from './project.js';

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

describe('names that were typed', () => {
  const [sheet] = testProject([]).sheets as [Sheet];
  const sheets: readonly Sheet[] = [
    { ...sheet, id: 'a', name: 'Outside', width: 600, height: 400.4, dpi: 300 },
    { ...sheet, id: 'b', name: 'Inside', width: 300, height: 400, dpi: 300 },
  ];
  const project: Project = { ...testProject([]), name: 'Kiln: day', sheets };
  const typed = (pattern: string | undefined, scale: number | undefined = 2) => ({ pattern, scale });

  it('have the parts in braces filled in, in px of the picture or in mm on paper', () => {
    const [outside] = sheets;
    expect(exportName(project, [outside!], typed('{name}_{Sheet} {size}'))).toBe('Kiln day_Outside 1200x801');
    expect(exportName(project, [outside!], { pattern: '{size}' })).toBe('51x34 mm');
    expect(exportName(project, [outside!], typed('Order 7'))).toBe('Order 7');
    expect(exportName(project, [outside!], typed('{else}'))).toBe('else');
  });

  it('leave out what only a single sheet has where there are several, and what stood before it', () => {
    expect(exportName(project, sheets, typed('{name} - {sheet}'))).toBe('Kiln day');
    expect(exportName(project, [], typed('{size}-{name}'))).toBe('Kiln day');
    expect(exportName(project, sheets, typed('{sheet}'))).toBe('Kiln day');
  });

  it('are told apart where sheets are files of their own', () => {
    expect(exportNames(project, sheets, typed('{sheet}'))).toEqual(['Outside', 'Inside']);
    expect(exportNames(project, sheets, typed('Order'))).toEqual(['Order', 'Order 2']);
  });

  it('are those of project and sheet where nothing was typed', () => {
    expect(exportName(project, [sheets[1]!], typed(undefined))).toBe('Kiln day - Inside');
    expect(exportName(project, sheets, typed(undefined))).toBe('Kiln day');
    expect(exportName(project, [], typed(undefined))).toBe('Kiln day');
    expect(exportNames(project, sheets, typed(undefined))).toEqual(['Kiln day - Outside', 'Kiln day - Inside']);
  });

  it('never hide a file, leave its folder, or are the same, whatever was typed', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (pattern, name) => {
        const names = exportNames({ ...project, name }, sheets, typed(pattern));
        expect(new Set(names.map((each) => each.toLowerCase())).size).toBe(2);
        for (const each of names) expect(each).not.toMatch(/^\.|[/\\:]|^$/);
      }),
    );
  });
});
