import { describe, expect, it } from 'vitest';
import { LINEAR, type LetteringOutline, type Opening, type Pixels, type Point } from '@kadrosyn/core';
import { apart, colourAt, DrawnPicture, middleOfSubject } from '../../testing/pictures.js';
import { unsettledCrossings } from '../compose/unsettled-crossings.js';
import { hardCutsOf } from '../compose/crossing-plan.js';

const SPRUCE = [0x1d, 0x5a, 0x4c];
const RUST = [0xcf, 0x4a, 0x22];

/** At the deepest point of each region the one that is said to be over is seen. */
function expectRegions(picture: DrawnPicture, index: number, over: string, under: string, count: number): void {
  const [top, bottom] = [picture.alone(over), picture.alone(under)];
  const regions = picture.regions(index).slice(0, count);
  expect(regions).toHaveLength(count);
  for (const region of regions) {
    const seen = colourAt(picture.pixels, region.at);
    expect(apart(seen, colourAt(region.over ? top : bottom, region.at)), JSON.stringify(region)).toBeLessThanOrEqual(2);
  }
}

describe('what must be seen on the hard pictures', () => {
  it('1: the heron is before the upper bow of the O and behind the lower one', () => {
    const picture = new DrawnPicture('through-a-round-letter');
    expectRegions(picture, 0, 'heron', 'o', 3);
    const regions = picture.regions(0);
    const upper = regions.filter(({ over }) => over);
    const lower = regions.filter(({ over }) => !over);
    expect(upper).toHaveLength(1);
    expect(lower.length).toBeGreaterThan(0);
    for (const { at } of lower) expect(at.y).toBeGreaterThan(upper[0]!.at.y);
  });

  it('2: the ribbon is behind the lens above and before it below, with a shadow on the glass', () => {
    const picture = new DrawnPicture('ribbon-round-a-lens');
    expectRegions(picture, 0, 'ribbon', 'lens', 2);
    const [first, second] = picture.regions(0).sort((a, b) => a.at.y - b.at.y);
    expect([first!.over, second!.over]).toEqual([false, true]);
    // Just below the front strand, on the glass: darker than the glass alone.
    const below = { x: 300, y: second!.at.y + 26 };
    const alone = colourAt(picture.alone('lens'), below);
    expect(colourAt(picture.pixels, below)[0]).toBeLessThan(alone[0] - 12);
    // Above the lens the back strand throws none on it.
    const above = { x: 300, y: first!.at.y };
    expect(apart(colourAt(picture.pixels, above), colourAt(picture.alone('lens'), above))).toBeLessThanOrEqual(2);
  });

  it('3: no border cuts across the neck, and beside it every border is there', () => {
    const picture = new DrawnPicture('neck-through-the-border');
    const { arch, bare, neck } = neckOfArch(picture);
    for (const p of neck) expect(apart(colourAt(arch, p), colourAt(bare, p)), JSON.stringify(p)).toBeLessThanOrEqual(3);
    // On the other side of the arch lie outline and rim.
    expect(apart(colourAt(arch, { x: 426, y: 400 }), [0x20, 0x27, 0x2a])).toBeLessThanOrEqual(1);
    expect(apart(colourAt(arch, { x: 415, y: 400 }), [0xfb, 0xf8, 0xf1])).toBeLessThanOrEqual(1);
    // The shade darkens the ground inside.
    const shaded = { x: 405, y: 470 };
    expect(colourAt(arch, shaded)[2]).toBeLessThan(colourAt(bare, shaded)[2] - 20);
  });

  it('4: half-clear and multiplied crossings mix as worked out by hand', () => {
    const picture = new DrawnPicture('translucent-crossings');
    const [ground, red, blue] = [
      [0xf0, 0xe6, 0xd2],
      [0xc8, 0x3c, 0x14],
      [0x1e, 0x5a, 0xb4],
    ];
    const half = (over: number[], under: number[]) => over.map((value, i) => 0.5 * value + 0.5 * under[i]!);
    const times = (a: number[], b: number[]) => a.map((value, i) => (value * b[i]!) / 255);
    const at = (x: number, y: number) => colourAt(picture.pixels, { x, y });
    expect(apart(at(170, 130), half(red, blue))).toBeLessThanOrEqual(1);
    expect(apart(at(430, 130), blue)).toBeLessThanOrEqual(1);
    expect(apart(at(300, 130), half(red, ground))).toBeLessThanOrEqual(1);
    expect(apart(at(170, 430), half(red, times(blue, ground)))).toBeLessThanOrEqual(1);
    expect(apart(at(430, 430), times(blue, half(red, ground)))).toBeLessThanOrEqual(1);
  });

  it('5: the leaves have no light rim over the dark letter', () => {
    const picture = new DrawnPicture('leaves-over-a-letter');
    const leaves = picture.alone('agave');
    const letter = picture.alone('o');
    const { width, height, data } = picture.pixels;
    const luma = (pixels: Pixels, i: number) =>
      0.2126 * pixels.data[i]! + 0.7152 * pixels.data[i + 1]! + 0.0722 * pixels.data[i + 2]!;
    let [edges, light] = [0, 0];
    for (let y = 6; y < height - 6; y++) {
      for (let x = 6; x < width - 6; x++) {
        const i = (y * width + x) * 4;
        const alpha = leaves.data[i + 3]!;
        if (letter.data[i + 3] !== 255 || alpha < 25 || alpha > 230) continue;
        let brightest = luma(letter, i);
        for (let dy = -4; dy <= 4; dy++) {
          for (let dx = -4; dx <= 4; dx++) {
            const j = i + (dy * width + dx) * 4;
            if (leaves.data[j + 3]! > 245) brightest = Math.max(brightest, luma(leaves, j));
          }
        }
        edges++;
        if (luma({ width, height, data }, i) > brightest + 12) light++;
      }
    }
    expect(edges).toBeGreaterThan(1500);
    expect(light / edges).toBeLessThan(0.02);
  });

  it('6: a cycle of three is settled by the last crossing and reported', () => {
    const picture = new DrawnPicture('cycle-of-three');
    const at = (x: number, y: number) => colourAt(picture.pixels, { x, y });
    const [rust, amber] = [RUST, [0xd9, 0xa1, 0x3f]];
    expect(apart(at(300, 120), rust)).toBeLessThanOrEqual(1);
    expect(apart(at(400, 280), amber)).toBeLessThanOrEqual(1);
    expect(apart(at(195, 290), SPRUCE)).toBeLessThanOrEqual(1);
    expect(apart(at(300, 260), amber)).toBeLessThanOrEqual(1);
    expect(unsettledCrossings(picture.sheet.items, picture.drawing)).toEqual([picture.sheet.crossings[0]]);
    expect(unsettledCrossings(new DrawnPicture('cut-line').sheet.items, new DrawnPicture('cut-line').drawing)).toEqual([]);
  });

  it('7: the windows are in register and move as one, the birds stand out of their union', () => {
    const picture = new DrawnPicture('windows-on-one-photo');
    const places: Point[] = [
      { x: 145, y: 380 },
      { x: 300, y: 380 },
      { x: 455, y: 380 },
    ];
    const whole = picture.draw({
      items: [{ ...picture.opening('middle'), box: { x: 0, y: 0, width: 600, height: 600, turn: 0 }, finish: {} }],
    });
    for (const p of places) expect(apart(colourAt(picture.pixels, p), colourAt(whole, p))).toBeLessThanOrEqual(3);
    // A bird's head above the upper edge, where without the overhang there is ground.
    const without = picture.draw({ items: picture.sheet.items.map((item) => ({ ...item, overhangs: undefined }) as never) });
    let out = 0;
    for (let x = 60; x < 560; x++) {
      const p = { x, y: 268 };
      if (apart(colourAt(picture.pixels, p), colourAt(without, p)) > 20) out++;
    }
    expect(out).toBeGreaterThan(60);
    const { birds } = picture.sheet.placements;
    const moved = picture.draw({ placements: { birds: { ...birds!, x: birds!.x + 7 } } });
    for (const p of places)
      expect(apart(colourAt(moved, { x: p.x + 7, y: p.y }), colourAt(picture.pixels, p))).toBeLessThanOrEqual(3);
  });

  it('8: the hare is over the letter while its picture stays under', () => {
    const picture = new DrawnPicture('subject-over-opening-under');
    const card = picture.alone('card');
    const [body] = picture.regions(0);
    expect(apart(colourAt(picture.pixels, body!.at), colourAt(card, body!.at))).toBeLessThanOrEqual(2);
    // Between hare and bowl the letter is seen, though the picture lies there too.
    const gap = { x: 300, y: 380 };
    expect(colourAt(card, gap)[3]).toBe(255);
    expect(apart(colourAt(picture.pixels, gap), RUST)).toBeLessThanOrEqual(1);
  });

  it('9: the figure stays upright in a slanting mirror and hangs out', () => {
    const picture = new DrawnPicture('figure-in-a-mirror');
    const mirror = picture.opening('mirror');
    const square = {
      ...mirror,
      outline: { type: 'rectangle', radii: [0, 0, 0, 0] } as const,
      finish: {},
      overhangs: undefined,
    } as never;
    const upright = picture.draw({ items: [square] });
    const face = picture.photoPoint('mirror', { x: 460, y: 120 });
    expect(apart(colourAt(picture.pixels, face), colourAt(upright, face))).toBeLessThanOrEqual(3);
    // The green stand under the wheel lies over the outer half of the frame.
    const stand = picture.photoPoint('mirror', { x: 233.5, y: 470.5 });
    expect(picture.inBox('mirror', stand).x).toBeLessThan(0);
    const without = picture.draw({ items: [{ ...mirror, overhangs: undefined } as never] });
    expect(apart(colourAt(without, stand), [0x9a, 0x64, 0x12])).toBeLessThanOrEqual(1);
    expect(colourAt(picture.pixels, stand)[1]).toBeGreaterThan(colourAt(picture.pixels, stand)[0] + 20);
  });

  it('10: the shadow lies on the crossed letter only', () => {
    const picture = new DrawnPicture('shadow-on-one-letter');
    const without = picture.draw({ items: picture.sheet.items.map((item) => ({ ...item, finish: {} }) as never) });
    let [onK, onI] = [0, 0];
    const letters = picture.alone('ki');
    for (let y = 40; y < 560; y++) {
      for (let x = 0; x < 600; x++) {
        const p = { x, y };
        const isLetter = colourAt(letters, p)[3] === 255 && apart(colourAt(without, p), SPRUCE) <= 1;
        if (!isLetter) continue;
        const darker = apart(colourAt(picture.pixels, p), SPRUCE) > 8;
        if (darker && x < 408) onK++;
        if (darker && x >= 408) onI++;
      }
    }
    expect(onK).toBeGreaterThan(1500);
    expect(onI).toBe(0);
  });

  it.each([
    { opacity: 1, tracking: -60 },
    // Close enough for outline and shadow to reach the next letter. Clear letters that overlap are seen one through the other.
    { opacity: 0.5, tracking: 20 },
  ])('15: a letter that is passed changes nothing of the word around it: $opacity', ({ opacity, tracking }) => {
    const picture = new DrawnPicture('one-letter-under');
    const tracked = (word: Opening): Opening => {
      const outline = word.outline as LetteringOutline;
      return { ...word, outline: { ...outline, runs: outline.runs.map((run) => ({ ...run, tracking })) } };
    };
    const inSo = (finish: object) => ({
      items: picture.sheet.items.map((item) => (item.id === 'raised' ? tracked({ ...item, finish } as Opening) : item)),
    });
    const { finish } = picture.sheet.items[1]!;
    const seen = picture.draw(inSo({ ...finish, opacity }));
    const asOne = picture.draw({ ...inSo({ ...finish, opacity }), crossings: [] });
    const bare = picture.draw({ ...inSo({}), crossings: [] });
    const heron = picture.alone('heron');
    let [passed, onFaces, around] = [0, 0, 0];
    for (let y = 0; y < 600; y++) {
      for (let x = 0; x < 600; x++) {
        const p = { x, y };
        const difference = apart(colourAt(seen, p), colourAt(asOne, p));
        if (colourAt(heron, p)[3] > 0) passed += difference > 30 ? 1 : 0;
        else if (apart(colourAt(bare, p), [0xe8, 0xb3, 0x3f]) === 0) onFaces = Math.max(onFaces, difference);
        else around = Math.max(around, difference);
      }
    }
    expect(passed).toBeGreaterThan(2000);
    expect(onFaces).toBeLessThanOrEqual(1);
    // Where letters touch, their soft edges are laid one after the other, while one word is a single form.
    expect(around).toBeLessThanOrEqual(40);
  });

  it('11: the cut is clean, and its length is measured', () => {
    const picture = new DrawnPicture('cut-line');
    const [cut] = hardCutsOf(picture.plan(0));
    // From 150, 130 to 330, 40 in the red bar's box; inside the overlap it runs from x = 160 to x = 320.
    const wanted = 160 * Math.hypot(1, 0.5);
    expect(Math.abs(cut!.length - wanted)).toBeLessThan(wanted * 0.03);
    for (const x of [240, 300, 360]) {
      let mixed = 0;
      for (let y = 222; y < 378; y++) {
        const seen = colourAt(picture.pixels, { x, y });
        if (apart(seen, RUST) > 6 && apart(seen, SPRUCE) > 6) mixed++;
      }
      expect(mixed).toBeLessThanOrEqual(2);
    }
    expect(hardCutsOf(new DrawnPicture('ribbon-round-a-lens').plan(0))).toEqual([]);
  });

  it('12: the group lies down as one, at 60 % and multiplied', () => {
    const picture = new DrawnPicture('group-with-a-break-out');
    const alone = picture.draw({
      items: [{ ...picture.item('group'), opacity: 1, blend: 'normal' } as never],
      background: { type: 'none' },
    });
    const below = picture.ordered('stripe', 'stripe-2');
    for (const p of [
      { x: 170, y: 200 },
      { x: 300, y: 300 },
      { x: 270, y: 190 },
      { x: 330, y: 420 },
      { x: 230, y: 160 },
    ]) {
      const [own, ground] = [colourAt(alone, p), colourAt(below, p)];
      expect(own[3]).toBe(255);
      const wanted = [0, 1, 2].map((i) => 0.6 * ((own[i]! * ground[i]!) / 255) + 0.4 * ground[i]!);
      expect(apart(colourAt(picture.pixels, p), wanted)).toBeLessThanOrEqual(2);
    }
  });

  it('13: the hare is behind the left stem and before the right one', () => {
    const picture = new DrawnPicture('twice-through-one-letter');
    expectRegions(picture, 0, 'hare', 'u', 2);
    const [left, right] = picture.regions(0).sort((a, b) => a.at.x - b.at.x);
    expect([left!.over, right!.over]).toEqual([false, true]);
  });

  it('14: marks of letters that were not touched stay when the text is edited', () => {
    const picture = new DrawnPicture('text-edited-after-crossing');
    const { outline } = picture.opening('kiln');
    expect(outline.type === 'lettering' && outline.runs[0]!.text).toBe('KIRLN');
    const [heron, letters] = [picture.alone('heron'), picture.alone('kiln')];
    const [overK] = picture.regions(0);
    const [underI] = picture.regions(1);
    expect(apart(colourAt(picture.pixels, overK!.at), colourAt(heron, overK!.at))).toBeLessThanOrEqual(2);
    expect(apart(colourAt(picture.pixels, underI!.at), colourAt(letters, underI!.at))).toBeLessThanOrEqual(2);
  });

  it('15: what lies in an area of the lake ends where the lake ends', () => {
    const picture = new DrawnPicture('print-in-an-area');
    const print = picture.opening('print');
    const [inside, beyond] = [
      { x: 370, y: 480 },
      { x: 380, y: 512 },
    ];
    // Free, it would reach beyond.
    const { host: _host, ...free } = print;
    const whole = picture.draw({ items: picture.sheet.items.map((item) => (item.id === 'print' ? free : item)) });
    expect(apart(colourAt(whole, beyond), [0xe9, 0xdc, 0xc3])).toBeGreaterThan(20);
    expect(apart(colourAt(picture.pixels, beyond), [0xe9, 0xdc, 0xc3])).toBeLessThanOrEqual(2);
    expect(apart(colourAt(picture.pixels, inside), colourAt(whole, inside))).toBeLessThanOrEqual(2);
    expect(apart(colourAt(picture.pixels, inside), colourAt(picture.alone('lake'), inside))).toBeGreaterThan(20);
  });

  it('16: the plant is in front of the print as it is without it; beside it the print is warmer than by itself', () => {
    const picture = new DrawnPicture('plant-in-front-of-a-print');
    const [host, print] = [picture.alone('host'), picture.alone('print')];
    for (const row of [300, 340, 380, 420]) {
      const p = picture.photoPoint('host', middleOfSubject('agave-pot', row));
      expect(apart(colourAt(picture.pixels, p), colourAt(host, p)), String(row)).toBeLessThanOrEqual(2);
    }
    const beside = { x: 200, y: 90 };
    const [r, , b] = colourAt(picture.pixels, beside);
    const free = colourAt(print, beside);
    expect(b / r).toBeLessThan(free[2] / free[0] - 0.05);
  });

  it('17: the figure before the pane is as grey as the room, the view in it is not', () => {
    const picture = new DrawnPicture('figure-in-front-of-a-pane');
    for (const row of [100, 200, 300]) {
      const [r, g, b] = colourAt(picture.pixels, picture.photoPoint('host', middleOfSubject('potter-wheel', row)));
      expect(Math.max(r, g, b) - Math.min(r, g, b), String(row)).toBeLessThanOrEqual(2);
    }
    const opening = picture.opening('print');
    const lies = { ...opening, host: { ...opening.host!, behind: false } };
    const over = picture.draw({ items: picture.sheet.items.map((item) => (item.id === 'print' ? lies : item)) });
    const face = picture.photoPoint('host', middleOfSubject('potter-wheel', 100));
    expect(apart(colourAt(over, face), colourAt(picture.pixels, face))).toBeGreaterThan(20);
  });

  it('18: on the glass the light of the wall is taken by half, and its shades are seen in any case', () => {
    const picture = new DrawnPicture('shades-on-a-round-glass');
    const taking = (light: number) => {
      const opening = picture.opening('print');
      const changed = { ...opening, host: { ...opening.host!, light } };
      return picture.draw({ items: picture.sheet.items.map((item) => (item.id === 'print' ? changed : item)) });
    };
    const [none, all] = [taking(0), taking(1)];
    const [x, y] = [120, 60];
    const [half, without, whole] = [picture.pixels, none, all].map((pixels) => colourAt(pixels, { x, y })[2]) as [
      number,
      number,
      number,
    ];
    expect(whole).toBeLessThan(half - 5);
    expect(half).toBeLessThan(without - 5);
    // The hare's belly is darker than the wall above it, also where none of the light is taken.
    const alone = picture.alone('print');
    const dimmed = (y: number): number => colourAt(alone, { x: 280, y })[1] - colourAt(none, { x: 280, y })[1];
    expect(dimmed(100)).toBeLessThan(15);
    expect(dimmed(200)).toBeGreaterThan(40);
  });

  it('19: the hare that comes out of the mirror is lit alike on both sides of its edge', () => {
    const picture = new DrawnPicture('figure-out-of-a-mirror');
    const { host: _host, ...alone } = picture.opening('print');
    const plain = picture.draw({ items: picture.sheet.items.map((item) => (item.id === 'print' ? alone : item)) });
    const gain = ({ x, y }: Point): number =>
      LINEAR[colourAt(picture.pixels, { x, y })[0]]! / LINEAR[colourAt(plain, { x, y })[0]]!;
    const [within, beyond] = [gain({ x: 300, y: 200 }), gain({ x: 462, y: 140 })];
    expect(Math.abs(within - 1)).toBeLessThan(0.2);
    expect(Math.abs(within - beyond)).toBeLessThan(0.03);
  });

  it('a sheet that is shown is seen as it is, and through its clear ground what lies below', () => {
    const picture = new DrawnPicture('a-sheet-in-a-sheet');
    const stamp = picture.opening('large').box;
    const middle = { x: stamp.x + stamp.width / 2, y: stamp.y + stamp.height / 2 };
    const at = (dx: number, dy: number): Point => {
      const turn = (stamp.turn * Math.PI) / 180;
      return { x: middle.x + dx * Math.cos(turn) - dy * Math.sin(turn), y: middle.y + dx * Math.sin(turn) + dy * Math.cos(turn) };
    };
    expect(apart(colourAt(picture.pixels, at(0, -93)), SPRUCE)).toBeLessThanOrEqual(2);
    expect(apart(colourAt(picture.pixels, at(-26, 0)), RUST)).toBeLessThanOrEqual(2);
    // Within the ring, beside the letter: the card, and below its edge the ground.
    for (const clear of [at(0, -66), at(0, 66)])
      expect(apart(colourAt(picture.pixels, clear), colourAt(picture.ordered('page'), clear)), JSON.stringify(clear)).toBe(0);
    const whole = picture.alone('page');
    expect(apart(colourAt(whole, { x: 300, y: 200 }), colourAt(whole, { x: 300, y: 320 }))).toBeGreaterThan(20);
  });
});

/** The arch as it is, the same photo without any finish, and points in the middle of the neck where it crosses the borders. */
function neckOfArch(picture: DrawnPicture) {
  const opening = picture.opening('arch');
  const plain = { ...opening, box: { x: 0, y: 0, width: 600, height: 600, turn: 0 } };
  const origin = opening.box;
  const fill = opening.fill as Extract<typeof opening.fill, { type: 'photo' }>;
  const placement = fill.placement as Exclude<typeof fill.placement, string>;
  const bare = picture.draw({
    items: [
      {
        ...plain,
        outline: { type: 'rectangle', radii: [0, 0, 0, 0] },
        finish: {},
        fill: { ...fill, placement: { ...placement, x: placement.x + origin.x, y: placement.y + origin.y } },
      },
    ],
  });
  // The neck, px of the photo: from the head down to where the band ends.
  const neck = [232, 240, 248, 256, 264, 272, 280].map((row) => picture.photoPoint('arch', middleOfSubject('heron-shore', row)));
  return { arch: picture.pixels, bare, neck };
}
