import { writeFile } from 'node:fs/promises';
import sharp from 'sharp';
import { Journey } from './support/journey.js';
import { expect, test } from './support/test.js';

test('project-file: a project is taken away as one file and opened again, and looks the same', async ({ page }, testInfo) => {
  const journey = await Journey.begin('project-file', page);
  const { editor } = journey;
  await editor.open('Fox on a tilted print');
  await journey.click(page.getByRole('button', { name: 'What for?' }));
  const panel = page.getByRole('dialog', { name: 'What for?' });
  await journey.click(panel.getByRole('button', { name: 'The project' }));
  await expect(panel).toContainText('One .kadro file with one sheet, one photo at full size and one cutout.');
  const { name, bytes, actions } = await journey.export();
  expect(name).toBe('Fox on a tilted print.kadro');
  // Opening it is the first of them.
  expect(actions).toBeLessThanOrEqual(4);
  await page.getByRole('button', { name: 'What for?' }).click();
  await expect(panel.getByRole('link', { name: 'Fetch Fox on a tilted print.kadro' })).toBeVisible();
  await panel.getByRole('button', { name: 'A screen' }).click();
  const before = await editor.export();
  const first = page.url();

  const file = testInfo.outputPath(name);
  await writeFile(file, bytes);
  await page.getByRole('link', { name: 'Projects', exact: true }).click();
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a project file' }).click();
  await (await choosing).setFiles(file);
  await editor.ready();
  expect(page.url()).not.toBe(first);
  const after = await editor.export();
  const [was, is] = await Promise.all([before, after].map((picture) => sharp(picture.bytes).raw().toBuffer()));
  expect(is!.equals(was!)).toBe(true);
  // What was opened is a project like any other.
  await editor.depth.getByRole('button', { name: 'New on the shelf' }).first().click();
  await expect(editor.panel).toContainText('New on the shelf');
});

test('a file that is no project is refused with a sentence, and nothing is added', async ({ page }) => {
  await page.goto(process.env['KADROSYN_ADDRESS']!);
  const projects = page.getByRole('region', { name: 'Your projects' }).getByRole('listitem');
  await expect(projects.first()).toBeVisible();
  const before = await projects.count();
  const dropped = await page.evaluateHandle(() => {
    const files = new DataTransfer();
    files.items.add(new File(['hello'], 'card.kadro'));
    return files;
  });
  await page.getByRole('region', { name: 'Begin from a photo' }).dispatchEvent('drop', { dataTransfer: dropped });
  await expect(
    page.getByText('The file can not be opened. This is no Kadrosyn file, or it is cut off. Nothing was added.'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Open a project file' })).toBeEnabled();
  await expect(projects).toHaveCount(before);
});
