/** No file system takes longer names, with what is added to them. */
const LONGEST = 120;

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
  const taken = new Set<string>();
  return sheets.map((sheet) => {
    const base = fileName(project, sheets.length > 1 ? sheet : null);
    for (let number = 1; ; number++) {
      const name = number === 1 ? base : `${base} ${number}`;
      if (taken.has(name.toLowerCase())) continue;
      taken.add(name.toLowerCase());
      return name;
    }
  });
}
