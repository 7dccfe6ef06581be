import { findOpening, type Opening, type Project } from '@kadrosyn/core';
import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';

const api = (path: string): string => new URL(`/api/${path}`, process.env['KADROSYN_ADDRESS']).href;

test('replacing a photo keeps the rules, drops the marks of the old one, says so, and is taken back whole', async ({ page }) => {
  const editor = await Editor.home(page);
  const { projects } = (await (await page.request.get(api('projects'))).json()) as { projects: { id: string; name: string }[] };
  const { document } = await documentOf(projects.find(({ name }) => name === 'Open kiln day')!.id);
  const marked = withMarks({ ...document, name: 'Marked heron' });
  const made = await page.request.post(api('projects'), { data: { document: marked } });
  expect(made.ok()).toBe(true);
  const { id } = (await made.json()) as { id: string };
  await page.reload();
  await editor.open('Marked heron');
  await editor.select('Heron');
  await editor.supplies.getByRole('button', { name: /^hare-leap: replace the photo in Heron/ }).click();
  const notice = page.getByText('2 marks that were drawn on the old photo do not fit the new one and are gone. The rules stay.');
  await expect(notice).toBeVisible();
  await editor.saved();
  const replaced = heron((await documentOf(id)).document);
  expect(replaced.overhangs).toEqual({ ...heron(marked).overhangs, pieces: [], cuts: [] });
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(editor.panel.locator('.head p')).toContainText('heron-shore');
  await expect.poll(async () => heron((await documentOf(id)).document)).toEqual(heron(marked));

  async function documentOf(projectId: string): Promise<{ document: Project }> {
    return (await (await page.request.get(api(`projects/${projectId}`))).json()) as { document: Project };
  }
});

function heron({ sheets }: Project): Opening {
  const item = sheets[0]!.items.find(({ name }) => name === 'Heron')!;
  return findOpening(sheets[0]!, item.id)!;
}

/** The heron may hang out above; one piece and one cut were marked by hand. */
function withMarks(project: Project): Project {
  const [sheet] = project.sheets;
  const overhangs = {
    sides: { top: true, right: false, bottom: false, left: true },
    pieces: [{ at: { x: 300, y: 200 }, out: false }],
    cuts: [
      [
        { x: 10, y: 10 },
        { x: 200, y: 40 },
      ],
    ],
  };
  const items = sheet!.items.map((item) => (item.id === heron(project).id ? { ...item, overhangs } : item));
  return { ...project, sheets: [{ ...sheet!, items: items }] };
}
