import { describe, expect, it } from 'vitest';
import { KEPT_IN, letAll, letPiece, type Opening, type PhotoFill } from '@kadrosyn/core';
import { loadIngredients, sourceOf } from '../../fixtures/ingredients.js';
import { pictureOf, shape, withPicture } from '../../fixtures/kit.js';
import { sampleResources, squareSheet } from '../../testing/pictures.js';
import { surveyOverhang, type SeenPiece } from '../findings/survey.js';
import { resolved } from '../../testing/resolved.js';

const SIZE = 600;
const REFINED = 'd'.repeat(64);

describe('a refined cutout', () => {
  it('keeps what was chosen for the pieces that it still has, and lets a new one follow its side', async () => {
    const ingredients = await loadIngredients();
    const source = sourceOf(ingredients);
    const { matte } = ingredients.find(({ name }) => name === 'heron-shore')!;
    // One px of its edge is lost everywhere, and a patch of reeds on the right counts as subject from now on.
    const data = matte!.data.map((value, i) => Math.min(value, matte!.data[i - 1] ?? 0, matte!.data[i + 1] ?? 0));
    for (let y = 300; y < 360; y++) data.fill(255, y * 600 + 520, y * 600 + 570);
    source.addMatte('heron-shore', REFINED, { ...matte!, data });
    const photo = pictureOf('heron-shore');
    const [cutout] = photo.cutouts!;
    const revisions = [...cutout!.revisions, { matteSha256: REFINED, marks: [] }];
    const photos = { ...sampleResources.photos, 'heron-shore': { ...photo, cutouts: [{ ...cutout!, revisions }] } };
    const resources = { ...sampleResources, source, photos };
    const pieces = (opening: Opening): readonly SeenPiece[] =>
      surveyOverhang(resolved(squareSheet(SIZE, [opening])), opening, resources)!.pieces;

    const right = { ...KEPT_IN.sides, right: true };
    const arch = shape('arch', { type: 'arch' }, 170, 250, 260, 320, null, {
      overhangs: { ...letAll(KEPT_IN, false), sides: right },
    });
    const first = withPicture(arch, 'heron-shore', { at: [295, 400], on: [300, 390], scale: 1 });
    const found = surveyOverhang(resolved(squareSheet(SIZE, [first])), first, resources)!;
    const head = found.pieces.find(({ side }) => side === 'top')!;
    const chosen: Opening = { ...first, overhangs: letPiece(first.overhangs!, found.plan.overhang, head.label, true) };
    const refined: Opening = { ...chosen, fill: { ...(chosen.fill as PhotoFill), cutout: { id: 'cut', revision: REFINED } } };

    const [before, after] = [pieces(chosen), pieces(refined)];
    const top = (list: readonly SeenPiece[]): SeenPiece => list.find(({ side }) => side === 'top')!;
    expect(top(after)).toMatchObject({ out: true, marked: true });
    expect(top(after).area).toBeLessThan(top(before).area);
    expect(after.length).toBe(before.length + 1);
    const added = after.find(({ at }) => at.x > 500)!;
    expect(added).toMatchObject({ side: 'right', out: true, marked: false });
  });
});
