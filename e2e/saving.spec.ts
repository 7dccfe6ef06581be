import { Editor } from './support/editor.js';
import { expect, test, type Page } from './support/test.js';

async function addShape(editor: Editor, name: string, x: number): Promise<void> {
  await editor.tab('Shapes');
  await editor.dragSupply(name, { x, y: 0.5 });
}

/** A second window on the project that the first one shows. */
async function secondWindow({ page }: Editor): Promise<Editor> {
  const other = await page.context().newPage();
  await other.goto(page.url());
  const second = new Editor(other);
  await second.ready();
  return second;
}

/** A window that is opened, connected again, after two that were not were closed. */
async function openedAfter(first: Editor, second: Editor): Promise<Editor> {
  const [address, context] = [first.page.url(), first.page.context()];
  const later = await context.newPage();
  for (const { page } of [first, second]) {
    // What a closing window sends is no longer held back by its being offline: it would come first or last as it happens.
    await page.evaluate(() => {
      window.fetch = () => Promise.reject(new TypeError('Not connected'));
    });
    await page.close();
  }
  await context.setOffline(false);
  // A browser that is busy lets go of a closed window's name a little later; until then its work is that of an open window.
  await later.goto(new URL('/api/health', address).href);
  const held = async (): Promise<number> => {
    const locks = await later.evaluate(() => navigator.locks.query());
    return (locks.held ?? []).filter(({ name }) => name?.startsWith('kadrosyn-window-')).length;
  };
  await expect.poll(held).toBe(0);
  await later.goto(address);
  const third = new Editor(later);
  await third.ready();
  return third;
}

async function sharedCard(page: Page): Promise<Editor> {
  const first = await Editor.home(page);
  await first.begin('Post');
  await page.getByLabel('Name of the project').fill('Shared card');
  await page.keyboard.press('Enter');
  await first.saved();
  return first;
}

/** Lets saves through again, and has the browser say so: else the next try comes after a pause that has grown. */
async function reconnect(page: Page): Promise<void> {
  await page.unroute('**/edits');
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
}

interface Kept {
  readonly name: string;
  readonly sheets: readonly { readonly items: readonly { readonly name: string }[] }[];
}

/** The project as the server has it. */
async function kept({ page }: Editor): Promise<Kept> {
  const id = page.url().split('/').at(-1)!;
  const answer = await page.request.get(`${process.env['KADROSYN_ADDRESS']!}/api/projects/${id}`);
  return ((await answer.json()) as { document: Kept }).document;
}

const shapeIn = ({ depth }: Editor, name: string) => depth.getByRole('button', { name: new RegExp(`^${name}`) });

test('two windows: what one saves, the other shows', async ({ page }) => {
  const first = await sharedCard(page);
  const second = await secondWindow(first);
  await addShape(first, 'Circle', 0.3);
  await first.saved();
  await expect(shapeIn(second, 'Circle')).toBeVisible();
  await addShape(second, 'Square', 0.7);
  await second.saved();
  await expect(shapeIn(first, 'Square')).toBeVisible();
});

test('two windows that change different things at the same time: both have both, and each undoes its own', async ({ page }) => {
  const first = await sharedCard(page);
  await addShape(first, 'Circle', 0.3);
  await first.saved();
  const second = await secondWindow(first);
  await second.page.route('**/edits', (route) => route.abort());
  await addShape(second, 'Square', 0.7);
  await second.select('Circle');
  await second.page.keyboard.press('Alt+ArrowUp');
  await expect(second.page.locator('ka-editor-header .saved')).toContainText('Not saved yet');
  await first.select('Circle');
  await page.keyboard.press('ArrowRight');
  await page.getByLabel('Name of the project').fill('Card of both');
  await page.keyboard.press('Enter');
  await first.saved();
  await reconnect(second.page);
  // It stays for a while only, and comes before what is here has been saved.
  await expect(second.page.locator('.ka-notice').last()).toContainText('What was changed in another window is in here now.');
  await second.saved();
  await expect(second.page.getByLabel('Name of the project')).toHaveValue('Card of both');
  await expect(shapeIn(first, 'Square')).toBeVisible();
  await expect.poll(async () => (await kept(second)).sheets[0]!.items.map(({ name }) => name)).toEqual(['Square', 'Circle']);
  // The second window takes back what was done in it; the name that the first one gave stays.
  await second.page.getByRole('button', { name: /^Undo/ }).click();
  await second.page.getByRole('button', { name: /^Undo/ }).click();
  await expect(shapeIn(second, 'Square')).toHaveCount(0);
  await second.saved();
  await expect(shapeIn(first, 'Square')).toHaveCount(0);
  expect(await kept(second)).toMatchObject({ name: 'Card of both', sheets: [{ items: [{ name: 'Circle' }] }] });
});

test('two windows: one that changed the same thing is told, keeps what it did, and saves it as a copy', async ({ page }) => {
  const first = await sharedCard(page);
  await addShape(first, 'Circle', 0.3);
  await first.saved();
  const second = await secondWindow(first);
  await second.page.route('**/edits', (route) => route.abort());
  await addShape(second, 'Square', 0.7);
  await second.select('Circle');
  await second.page.keyboard.press('ArrowDown');
  await expect(second.page.locator('ka-editor-header .saved')).toContainText('Not saved yet');
  await first.select('Circle');
  await page.keyboard.press('Delete');
  // Until it is gone here, what was saved before is all that there is to save.
  await expect(shapeIn(first, 'Circle')).toHaveCount(0);
  await first.saved();
  await reconnect(second.page);
  const alert = second.page.getByRole('alert');
  await expect(alert).toContainText('changed in another window');
  // The square may have gone on its way alone, before the circle was moved: then it has arrived.
  await expect(alert).toContainText(/Only here: Move Circle(, Add Square)?\./);
  await second.page.getByRole('button', { name: 'Save a copy' }).click();
  await expect(second.page.getByLabel('Name of the project')).toHaveValue('Shared card, my changes');
  await expect(shapeIn(second, 'Square')).toBeVisible();
});

test('two windows that were closed before they could save lose nothing', async ({ page }) => {
  const first = await sharedCard(page);
  const second = await secondWindow(first);
  const context = page.context();
  await context.setOffline(true);
  for (const [window, shape] of [
    [first, 'Circle'],
    [second, 'Square'],
  ] as const) {
    await addShape(window, shape, 0.5);
    await expect(window.page.locator('ka-editor-header .saved')).toContainText('Not saved yet');
  }
  const third = await openedAfter(first, second);
  // Both had put something into the same card.
  await expect(shapeIn(third, 'Square')).toBeVisible();
  await third.saved();
  await expect(shapeIn(third, 'Circle')).toBeVisible();
  await expect.poll(async () => (await kept(third)).sheets[0]!.items).toHaveLength(2);
});

test('of two windows that were closed with different answers to the same question, one becomes a project of its own', async ({
  page,
}) => {
  const first = await sharedCard(page);
  const second = await secondWindow(first);
  const [address, context] = [page.url(), page.context()];
  await context.setOffline(true);
  for (const [window, name] of [
    [first, 'Spring card'],
    [second, 'Autumn card'],
  ] as const) {
    await window.page.getByLabel('Name of the project').fill(name);
    await window.page.keyboard.press('Enter');
    await expect(window.page.locator('ka-editor-header .saved')).toContainText('Not saved yet');
  }
  const third = await openedAfter(first, second);
  const { page: later } = third;
  await expect(later.getByRole('alert')).toContainText('changed in another window');
  await later.getByRole('button', { name: 'Save a copy' }).click();
  await expect(later.getByLabel('Name of the project')).toHaveValue('Autumn card, my changes');
  await later.goto(address);
  await third.ready();
  await expect(later.getByLabel('Name of the project')).toHaveValue('Spring card');
});

test('a server that fails: it is said and tried again; reloading gives nothing up that is nowhere else', async ({ page }) => {
  const editor = await sharedCard(page);
  const fail = (status: number, code: string, message: string) =>
    page.route('**/edits', (route) => route.fulfill({ status, json: { code, message, detail: {} } }));
  await fail(500, 'unexpected', 'Something went wrong on the server.');
  await addShape(editor, 'Circle', 0.3);
  await expect(page.locator('ka-editor-header .saved')).toContainText('Not saved yet, trying again');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await reconnect(page);
  await editor.saved();
  await fail(422, 'edit-does-not-fit', 'A change does not fit the saved project. Nothing was changed; reload and try again.');
  await addShape(editor, 'Square', 0.7);
  await expect(page.getByRole('alert')).toContainText('does not fit');
  await page.route('**/api/projects', (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()));
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.locator('.ka-notice').last()).toContainText('nothing was given up');
  await expect(shapeIn(editor, 'Square')).toBeVisible();
  await page.unroute('**/api/projects');
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.locator('.ka-notice').last()).toContainText('kept as the project “Shared card, my changes”');
  await expect(shapeIn(editor, 'Square')).toHaveCount(0);
  await expect(shapeIn(editor, 'Circle')).toBeVisible();
});

test('a save whose answer is lost is not taken for that of another window', async ({ page }) => {
  const editor = await sharedCard(page);
  let lost = 0;
  await page.route('**/edits', async (route) => {
    if (lost > 0) return route.continue();
    await route.fetch();
    await route.abort();
    lost++;
  });
  await addShape(editor, 'Circle', 0.3);
  await expect.poll(() => lost).toBe(1);
  await editor.saved();
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a browser that keeps nothing says so, and asks before unsaved work is left', async ({ page }) => {
  await page.addInitScript(() => {
    indexedDB.open = () => {
      throw new DOMException('Not allowed', 'SecurityError');
    };
  });
  const editor = await sharedCard(page);
  await expect(page.getByText('This browser keeps no copy of what is not saved yet')).toBeVisible();
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.route('**/edits', (route) => route.abort());
  await addShape(editor, 'Circle', 0.3);
  await expect(page.locator('ka-editor-header .saved')).toContainText('Not saved yet');
  const asked = page.waitForEvent('dialog');
  await page.close({ runBeforeUnload: true });
  const dialog = await asked;
  expect(dialog.type()).toBe('beforeunload');
  await dialog.dismiss();
  await reconnect(page);
  await editor.saved();
});

test('a server that can not be reached: the work goes on and is saved when it is back', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Post');
  await page.route('**/edits', (route) => route.abort());
  await addShape(editor, 'Circle', 0.3);
  await expect(page.locator('ka-editor-header .saved')).toHaveText('Not saved yet, trying again');
  await addShape(editor, 'Square', 0.7);
  await reconnect(page);
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
  await reconnect(page);
  await editor.saved();
});

test('what an earlier version of the application kept in the browser is taken up', async ({ page }) => {
  const editor = await sharedCard(page);
  const id = page.url().split('/').at(-1)!;
  const address = process.env['KADROSYN_ADDRESS']!;
  const { document, revision } = (await (await page.request.get(`${address}/api/projects/${id}`)).json()) as {
    document: object;
    revision: number;
  };
  const rename = (before: string, after: string) => ({
    name: 'Rename',
    operations: [{ type: 'change-project', before: { name: before }, after: { name: after } }],
  });
  const unsaved = [rename('Shared card', 'Kept long ago')];
  const project = { ...document, name: 'Kept long ago' };
  // A page of the same site that holds no journal open.
  await page.goto(`${address}/favicon.ico`);
  await page.evaluate(
    (entry) =>
      new Promise<void>((resolve, reject) => {
        indexedDB.deleteDatabase('kadrosyn-journal');
        const opening = indexedDB.open('kadrosyn-journal', 1);
        opening.onupgradeneeded = () => opening.result.createObjectStore('entries', { keyPath: 'projectId' }).put(entry);
        opening.onerror = () => reject(opening.error!);
        opening.onsuccess = () => {
          opening.result.close();
          resolve();
        };
      }),
    { projectId: id, revision, project, history: { past: unsaved, future: [] }, unsaved },
  );
  await page.goto(`${address}/projects/${id}`);
  await editor.ready();
  await expect(page.getByLabel('Name of the project')).toHaveValue('Kept long ago');
  await editor.saved();
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Name of the project')).toHaveValue('Shared card');
});

test('a long export shows its progress, can be cancelled, and asked for again at once: one file comes', async ({ page }) => {
  const editor = await Editor.home(page);
  await editor.begin('Poster');
  await editor.tab('Photos');
  await editor.supplies.getByRole('button', { name: /^heron-shore/ }).click();
  await editor.saved();
  await page.getByRole('button', { name: 'What for?' }).click();
  await page.getByRole('dialog', { name: 'What for?' }).getByRole('button', { name: '2:1' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Export PNG' }).click();
  await expect(page.getByRole('progressbar', { name: 'Export' })).toBeVisible();
  const files: string[] = [];
  page.on('download', (file) => files.push(file.suggestedFilename()));
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: 'Export PNG' }).click();
  await expect(page.getByRole('progressbar', { name: 'Export' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Export PNG' })).toBeVisible({ timeout: 60_000 });
  await expect.poll(() => files.length).toBe(1);
  // Asked once more: had the first one gone on, its file would be here by now.
  await page.getByRole('button', { name: 'Export PNG' }).click();
  await expect.poll(() => files.length, { timeout: 60_000 }).toBe(2);
});

test('projects are renamed, put into the bin, and brought back at once or later', async ({ page }, { repeatEachIndex }) => {
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
  await page.getByRole('menuitem', { name: 'Put into the bin' }).click();
  await expect(page.getByRole('link', { name: new RegExp(autumn) })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring back', exact: true }).click();
  await expect(page.getByRole('link', { name: new RegExp(autumn) })).toBeVisible();
  await page.getByRole('button', { name: `More for ${autumn}`, exact: true }).click();
  await page.getByRole('menuitem', { name: 'Put into the bin' }).click();
  await expect(page.getByRole('link', { name: new RegExp(autumn) })).toHaveCount(0);
  await page.reload();
  await page.getByRole('button', { name: /^Bin/ }).click();
  await expect(page.locator('ka-bin li', { hasText: autumn })).toContainText('stays 30 more days');
  await page.getByRole('button', { name: `Bring back ${autumn}` }).click();
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
