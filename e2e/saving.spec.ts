import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';

async function addShape(editor: Editor, name: string, x: number): Promise<void> {
  await editor.tab('Shapes');
  await editor.dragSupply(name, { x, y: 0.5 });
}

test('two windows: the later one is told, keeps what it did, and saves it as a copy', async ({ page, context }) => {
  const first = await Editor.home(page);
  await first.begin('Post');
  await first.page.getByLabel('Name of the project').fill('Shared card');
  await first.page.keyboard.press('Enter');
  await first.saved();
  const other = await context.newPage();
  await other.goto(page.url());
  const second = new Editor(other);
  await second.ready();
  await addShape(first, 'Circle', 0.3);
  await first.saved();
  await addShape(second, 'Square', 0.7);
  await expect(other.getByRole('alert')).toContainText('changed in another window');
  await other.getByRole('button', { name: 'Save a copy' }).click();
  await expect(other.getByLabel('Name of the project')).toHaveValue('Shared card, my changes');
  await expect(second.depth.getByRole('button', { name: /^Square/ })).toBeVisible();
});

test('a server that can not be reached: the work goes on and is saved when it is back', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await page.route('**/edits', (route) => route.abort());
  await addShape(editor, 'Circle', 0.3);
  await expect(page.locator('ka-editor-header .saved')).toHaveText('Not saved yet, trying again');
  await addShape(editor, 'Square', 0.7);
  await page.unroute('**/edits');
  await editor.saved();
  await page.reload();
  await editor.ready();
  await expect(editor.depth.locator('.slabs .slab')).toHaveCount(2);
});

test('work that was never sent is there again after a reload', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await page.route('**/edits', (route) => route.abort());
  await addShape(editor, 'Circle', 0.3);
  await expect(page.locator('ka-editor-header .saved')).toHaveText('Not saved yet, trying again');
  await page.reload();
  await editor.ready();
  await expect(editor.depth.getByRole('button', { name: /^Circle/ })).toBeVisible();
  await page.unroute('**/edits');
  await editor.saved();
});

test('a long export shows its progress and can be cancelled', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Poster');
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^heron-shore/ }).click();
  await editor.saved();
  await page.getByRole('button', { name: /^Export size/ }).click();
  await page.getByRole('menuitemradio', { name: /^\s*2:1/ }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Export PNG' }).click();
  await expect(page.getByRole('progressbar', { name: 'Export' })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('button', { name: 'Export PNG' })).toBeVisible();
});

test('projects are renamed, duplicated and removed with a way back', async ({ page }, { repeatEachIndex }) => {
  // Runs of the same test share one server.
  const [spring, autumn] = [`Spring badge ${repeatEachIndex}`, `Autumn badge ${repeatEachIndex}`];
  const editor = await Editor.home(page);
  await editor.begin('Badge');
  await editor.saved();
  await page.getByLabel('Name of the project').fill(spring);
  await page.keyboard.press('Enter');
  await editor.saved();
  await page.getByRole('link', { name: 'Back to projects' }).click();
  const more = page.getByRole('button', { name: `More for ${spring}`, exact: true });
  await more.click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByRole('dialog').getByRole('textbox').fill(autumn);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: new RegExp(autumn) })).toBeVisible();
  await page.getByRole('button', { name: `More for ${autumn}`, exact: true }).click();
  await page.getByRole('menuitem', { name: 'Remove' }).click();
  await expect(page.getByRole('link', { name: new RegExp(autumn) })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring back' }).click();
  await expect(page.getByRole('link', { name: new RegExp(autumn) })).toBeVisible();
});

test('a project that is not there says so', async ({ page }) => {
  await page.goto(`${process.env['KADROSYN_ADDRESS']!}/projects/project_nobody`);
  await expect(page.getByRole('heading', { name: 'The project could not be opened' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to projects' }).click();
  await expect(page.getByRole('heading', { name: 'New sheet' })).toBeVisible();
});

test('a sheet begins from a photo', async ({ page }) => {
  const editor = await Editor.home(page);
  const { ownPhoto } = await import('./support/own-photos.js');
  const { name, type, bytes } = await ownPhoto('Begin here', 6, 900, 600);
  await page.locator('section.drop input[type=file]').setInputFiles({ name, mimeType: type, buffer: bytes });
  await editor.ready();
  await editor.saved();
  await expect(editor.depth.getByRole('button', { name: /^Begin here/ })).toBeVisible();
});
