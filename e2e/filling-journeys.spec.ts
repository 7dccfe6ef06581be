import sharp from 'sharp';
import { pixelsOf } from './support/editor.js';
import { Journey } from './support/journey.js';
import { ownPhoto, type DesktopFile } from './support/own-photos.js';
import { expectReference } from './support/reference.js';
import { expect, test } from './support/test.js';
import { boxOf } from './support/box-of.js';

test('template-slot: an own photo in a template’s shape, re-centred', async ({ page }) => {
  const journey = await Journey.begin('template-slot', page);
  const { editor } = journey;
  await journey.click(editor.template('Badge with a ring'));
  await editor.ready();
  await journey.dropFile(await ownPhoto('Our new mug', 5), { x: 0.5, y: 0.5 });
  await expect(editor.panel.locator('.head p')).toContainText('Our new mug');
  await journey.press('p');
  const { x, y } = await editor.at({ x: 0.5, y: 0.5 });
  await journey.drag({ x, y }, { x: x - 60, y: y + 20 });
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(5);
  await expectReference('template-slot', bytes);
});

test('replace-sample: a sample that lies behind a design', async ({ page }) => {
  const journey = await Journey.begin('replace-sample', page);
  const { editor } = journey;
  await journey.click(editor.template('Backdrop poster'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^hills-kiln: replace the photo in Picture/ }));
  await expect(editor.panel.locator('.head p')).toContainText('hills-kiln');
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(3);
  await expectReference('replace-sample', bytes);
});

test('oval-card: a photo in, the caption gone', async ({ page }) => {
  const journey = await Journey.begin('oval-card', page);
  const { editor } = journey;
  await journey.click(editor.template('Oval card'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^agave-pot: replace the photo in Photo/ }));
  await journey.click(editor.stage.getByRole('button', { name: 'Take With warm thanks away' }));
  await expect(editor.depth.getByRole('button', { name: /^With warm thanks/ })).toHaveCount(0);
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(5);
  await expectReference('oval-card', bytes);
});

test('logo-circle: a circle cropped from a logo', async ({ page }) => {
  const journey = await Journey.begin('logo-circle', page);
  const { editor } = journey;
  await journey.click(editor.preset('Badge'));
  await editor.ready();
  await journey.dropFile(await logo(), { x: 0.5, y: 0.5 });
  await expect(editor.panel.locator('.head p')).toContainText('Loose photo');
  await journey.click(editor.panel.getByRole('button', { name: 'Circle' }));
  await expect(editor.panel.locator('.head p')).toContainText('Ellipse');
  const peg = await boxOf(editor.stage.locator('[data-handle="2"]'));
  const from = { x: peg.x + peg.width / 2, y: peg.y + peg.height / 2 };
  await journey.drag(from, { x: from.x + 40, y: from.y + 40 });
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(5);
  await expectReference('logo-circle', bytes);
});

test('ring-badge: a photo that covers its ring fully', async ({ page }) => {
  const journey = await Journey.begin('ring-badge', page);
  const { editor } = journey;
  await journey.click(editor.template('Badge with a ring'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^team-bowl: replace the photo in Face/ }));
  await expect(editor.panel.locator('.head p')).toContainText('team-bowl');
  const mark = await boxOf(editor.stage.locator('[data-mark="0"] .reach'));
  const from = { x: mark.x + mark.width / 2, y: mark.y + mark.height / 2 };
  await journey.drag(from, { x: from.x - 40, y: from.y - 40 });
  await expect(page.getByRole('button', { name: 'Undo: Scale photo in Face' })).toBeVisible();
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(6);
  await expectReference('ring-badge', bytes);
  // Inside the thin ring everything is photo: nothing of the badge is clear there.
  const { width, data } = await pixelsOf(bytes);
  for (let angle = 0; angle < 360; angle += 5) {
    const [x, y] = [400 + 255 * Math.cos((angle * Math.PI) / 180), 400 + 255 * Math.sin((angle * Math.PI) / 180)];
    expect(data[4 * (Math.round(y) * width + Math.round(x)) + 3]).toBe(255);
  }
});

test('in-out-in: a photo in, out, in again, and scaled', async ({ page }) => {
  const journey = await Journey.begin('in-out-in', page);
  const { editor } = journey;
  await journey.click(editor.template('Badge with a ring'));
  await editor.ready();
  await journey.click(editor.supplies.getByRole('button', { name: /^glaze-teal: replace the photo in Face/ }));
  await journey.click(editor.panel.getByRole('button', { name: 'Take photo out' }));
  await expect(editor.stage.getByRole('button', { name: 'Empty · Somebody of the team' })).toBeVisible();
  await journey.click(editor.supplies.getByRole('button', { name: /^team-knife: fill Face/ }));
  await expect(editor.panel.locator('.head p')).toContainText('team-knife');
  const mark = await boxOf(editor.stage.locator('[data-mark="0"] .reach'));
  const from = { x: mark.x + mark.width / 2, y: mark.y + mark.height / 2 };
  await journey.drag(from, { x: from.x - 30, y: from.y - 30 });
  const { bytes, actions } = await journey.export();
  expect(actions).toBeLessThanOrEqual(6);
  await expectReference('in-out-in', bytes);
});

/** A made-up logo: a kiln in a field of one colour. */
async function logo(): Promise<DesktopFile> {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="900" height="900"><rect width="900" height="900" fill="#1d5a4c"/>
    <path d="M250 700V420a200 200 0 0 1 400 0v280z" fill="#fbf8f1"/><path d="M370 700V560a80 80 0 0 1 160 0v140z" fill="#cf4a22"/></svg>`;
  return { name: 'Kiln logo.png', type: 'image/png', bytes: await sharp(Buffer.from(svg)).removeAlpha().png().toBuffer() };
}
