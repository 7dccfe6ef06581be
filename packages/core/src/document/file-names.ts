import { isImprint } from './is-imprint.js';
import type { Project, Sheet } from './project.js';
import { fromPx } from './units.js';

/** No file system takes longer names, with what is added to them. */
const LONGEST = 120;

/** What a name can be typed with, in braces: of the project, of the sheet, and the size of what comes. */
export const NAME_PARTS = ['name', 'sheet', 'size'] as const;

/** How files are to be called. */
export interface Naming {
  /** With parts in braces; the project, and the sheet where there are several, when absent. */
  readonly pattern?: string | undefined;
  /** px of the picture per px of a sheet; none on paper, where it has a size in mm. */
  readonly scale?: number | undefined;
}

/** What a file of sheets is called, without an extension. @param sheets - in it; none of them for the project itself */
export function exportName(project: Project, sheets: readonly Sheet[], naming: Naming): string {
  const [sheet, ...more] = sheets;
  const { pattern } = naming;
  const of = more.length === 0 ? sheet : undefined;
  if (pattern !== undefined) return patternName(pattern, project, of, naming);
  if (!of) return fileName(project.name, null);
  const pages = project.sheets.filter((one) => !isImprint(one) || one.id === of.id);
  const names = fileNames(
    project.name,
    pages.map(({ name }) => name),
  );
  return names[pages.findIndex(({ id }) => id === of.id)]!;
}

/** What sheets are called that are files of their own, without an extension: none twice. */
export function exportNames(project: Project, sheets: readonly Sheet[], naming: Naming): string[] {
  const { pattern } = naming;
  if (pattern !== undefined) return toldApart(sheets.map((sheet) => patternName(pattern, project, sheet, naming)));
  return fileNames(
    project.name,
    sheets.map(({ name }) => name),
  );
}

function patternName(pattern: string, project: Project, sheet: Sheet | undefined, { scale }: Naming): string {
  const parts = { name: project.name, sheet: sheet?.name ?? '', size: sheet ? sizeInName(sheet, scale) : '' };
  const filled = pattern.replace(/\{(name|sheet|size)\}/gi, (_, part: string) => parts[part.toLowerCase() as keyof typeof parts]);
  // What stood between parts that have nothing to say is left over at an end.
  const left = filled.replace(/^[\s_-]+|[\s_-]+$/g, '');
  return fileName(left === '' ? project.name : left, null);
}

function sizeInName(sheet: Sheet, scale: number | undefined): string {
  const side = (px: number): number =>
    scale === undefined ? Math.round(fromPx(px, 'mm', sheet.dpi)) : Math.max(1, Math.round(px * scale));
  return `${side(sheet.width)}x${side(sheet.height)}${scale === undefined ? ' mm' : ''}`;
}

/** What a project, and a sheet where it has several, are called as a file, without an extension. */
export function fileName(project: string, sheet: string | null): string {
  const all = sheet ? `${project} - ${sheet}` : project;
  const safe = all
    .replace(/[^\p{L}\p{N} ._-]/gu, '')
    .replace(/\s+/g, ' ')
    // A name that begins with a point is hidden, one that ends with it is refused by some systems.
    .replace(/^[ .]+|[ .]+$/g, '');
  // A letter that takes two places is not taken apart.
  return Array.from(safe).slice(0, LONGEST).join('').trim() || 'picture';
}

/** Names of sheets as files, none twice whatever the case of their letters: later ones get a number. */
export function fileNames(project: string, sheets: readonly string[]): string[] {
  return toldApart(sheets.map((sheet) => fileName(project, sheets.length > 1 ? sheet : null)));
}

function toldApart(names: readonly string[]): string[] {
  const taken = new Set<string>();
  return names.map((base) => {
    for (let number = 1; ; number++) {
      const name = number === 1 ? base : `${base} ${number}`;
      if (taken.has(name.toLowerCase())) continue;
      taken.add(name.toLowerCase());
      return name;
    }
  });
}
