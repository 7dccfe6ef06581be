import { resolveSheet } from '@kadrosyn/core';
import { sheetResources } from '@kadrosyn/export';
import { EXIT, type ExitCode } from './exit-code.js';
import { chosenSheets, openProjectFile } from './opened-project.js';
import type { Says } from './says.js';
import { sheetFindings, type SheetFinding } from './sheet-findings.js';
import { onlyFile, parsed } from './usage-error.js';

export const CHECK_USAGE = `kadrosyn check FILE.kadro [--sheet 1] [--json]
  Says what would look wrong: samples that are left, words that are hard to read, what breaks out or crosses badly.
  Ends with 3 when there is something.`;

/** Looks for what would look wrong in a project file. */
export async function check(args: readonly string[], says: Says): Promise<ExitCode> {
  const { values, positionals } = parsed(args, { sheet: { type: 'string', multiple: true }, json: { type: 'boolean' } });
  const { project, sources } = await openProjectFile(onlyFile(positionals));
  const sheets = chosenSheets(project, values.sheet);
  const found: (SheetFinding & { readonly sheet: string })[] = [];
  for (const [index, { id, name }] of sheets.entries()) {
    const resources = await sheetResources({ ...sources, project }, id, (share) =>
      says.progress?.((index + share) / sheets.length),
    );
    found.push(...sheetFindings(project, resolveSheet(project, id)!, resources).map((finding) => ({ sheet: name, ...finding })));
  }
  if (values.json) says.log(JSON.stringify({ findings: found }));
  else if (found.length === 0) says.log(`${project.name}: nothing looks wrong.`);
  else for (const { sheet, item, words } of found) says.log(`${sheet}, ${item.replace(/\s+/g, ' ')}: ${words}`);
  return found.length === 0 ? EXIT.done : EXIT.declined;
}
