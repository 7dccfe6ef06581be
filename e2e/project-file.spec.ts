import { writeFile } from 'node:fs/promises';
import { unzipSync } from 'fflate';
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

test('a sheet is taken to another program in its layers, under a name that was typed', async ({ page }) => {
  const journey = await Journey.begin('layers', page);
  const { editor } = journey;
  await editor.open('Heron among letters');
  await page.getByRole('button', { name: 'What for?' }).click();
  const panel = page.getByRole('dialog', { name: 'What for?' });
  await panel.getByRole('button', { name: 'Layers' }).click();
  // What crosses is one layer, and that is said.
  const layers = panel.getByRole('list', { name: 'Layers from front to back' }).getByRole('listitem');
  const said = await layers.allTextContents();
  expect(said.at(-1)!.trim()).toBe('Sheet colour');
  await expect(panel).toContainText('What passes over and under one another is one layer.');
  await panel.getByRole('textbox', { name: 'Called' }).fill('For print ');
  await panel.getByRole('button', { name: '+ size into the name' }).click();
  await expect(panel.getByRole('textbox', { name: 'Called' })).toHaveValue('For print {size}');
  await expect(panel).toContainText('For print 1080x1350');
  const { name, bytes } = await journey.export();
  expect(name).toBe('For print 1080x1350.ora');
  const files = unzipSync(bytes);
  const stack = new TextDecoder().decode(files['stack.xml']);
  expect([...stack.matchAll(/<layer name="([^"]*)"/g)].map((found) => found[1])).toEqual(said.map((each) => each.trim()));
  // The whole in it is what is exported as a picture.
  await page.getByRole('button', { name: 'What for?' }).click();
  await panel.getByRole('textbox', { name: 'Called' }).fill('');
  await panel.getByRole('button', { name: 'A screen' }).click();
  const picture = await editor.export();
  const [whole, drawn] = await Promise.all(
    [files['mergedimage.png']!, picture.bytes].map((each) => sharp(each).ensureAlpha().raw().toBuffer()),
  );
  expect(whole!.equals(drawn!)).toBe(true);
});
