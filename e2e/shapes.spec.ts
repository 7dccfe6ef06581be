import sharp from 'sharp';
import { Editor } from './support/editor.js';
import { expect, test } from './support/test.js';

for (const shape of ['Heart', 'Star', 'Polygon', 'Trapezoid']) {
  test(`${shape}: from the projects page to an exported picture with a photo in it`, async ({ page }) => {
    const editor = await Editor.home(page);
    await editor.begin('Badge');
    await editor.tab('Shapes');
    await editor.supplies.getByRole('button', { name: shape }).click();
    await expect(editor.panel.locator('.head')).toContainText(shape);
    await editor.tab('Photos');
    await editor.supplies.getByRole('button', { name: new RegExp(`^lake-dusk: fill ${shape}`) }).click();
    await expect(editor.panel.locator('.head p')).toContainText('lake-dusk');
    await editor.saved();
    const { bytes } = await editor.export();
    const { data, info } = await sharp(bytes).removeAlpha().raw().toBuffer({ resolveWithObject: true });
    const at = (x: number, y: number): number[] => {
      const o = (Math.floor(y * info.height) * info.width + Math.floor(x * info.width)) * 3;
      return [...data.subarray(o, o + 3)];
    };
    const ground = at(0.02, 0.02);
    expect(at(0.5, 0.52)).not.toEqual(ground);
    // Half the side of the sheet is taken: beyond its box nothing is covered.
    expect(at(0.5, 0.2)).toEqual(ground);
    expect(at(0.9, 0.5)).toEqual(ground);
  });
}
