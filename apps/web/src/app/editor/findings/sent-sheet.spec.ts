import { describe, expect, it } from 'vitest';
import { newProject, newShapedOpening, resolvedIn, type Crossing, type ResolvedSheet } from '@kadrosyn/core';
import { SheetReceiver, SheetSender, type Looked } from './sent-sheet';

const opening = (id: string) => ({ ...newShapedOpening(id, { type: 'ellipse' }, { x: 50, y: 50 }, 40, 30), id });
const [one, two, three] = ['one', 'two', 'three'].map(opening);
const crossing: Crossing = {
  lower: { itemId: 'one', part: 'whole' },
  upper: { itemId: 'two', part: 'whole' },
  ...{ over: true, regions: [], cuts: [] },
};
const card = newProject('Card', { width: 100, height: 80, unit: 'px' });
const looked = (change: Partial<ResolvedSheet>, pairs: readonly Crossing[] = []): Looked => ({
  sheet: { ...resolvedIn(card, card.sheets[0]!), ...change },
  photos: card.photos,
  pairs,
});

/** Both ends, with everything copied on the way as it is for a worker. */
function wire() {
  const [sender, receiver] = [new SheetSender(), new SheetReceiver()];
  return {
    sender,
    through: (what: Looked) => {
      const sent = structuredClone(sender.send(what));
      return { sent, got: receiver.receive(sent) };
    },
  };
}

describe('a sheet on its way into a worker', () => {
  it('arrives as it is', () => {
    const what = looked({ items: [one!, two!], crossings: [crossing] }, [crossing]);
    expect(wire().through(what).got).toEqual(what);
  });

  it('brings only what has changed, and what has not stays the very same object', () => {
    const { through } = wire();
    const before = through(looked({ items: [one!, two!], crossings: [crossing] }, [crossing]));
    const after = through(looked({ items: [one!, { ...two!, name: 'Another' }, three!], crossings: [crossing] }, [crossing]));
    expect(after.sent.fresh).toHaveLength(2);
    expect(after.got.sheet.items[0]).toBe(before.got.sheet.items[0]);
    expect(after.got.sheet.items[1]).not.toBe(before.got.sheet.items[1]);
    expect(after.got.sheet.items.map(({ name }) => name)).toEqual(['one', 'Another', 'three']);
    expect(after.got.photos).toBe(before.got.photos);
  });

  it('has the pairs of the sheet as its very objects', () => {
    const made: Crossing = { ...crossing, upper: { itemId: 'three', part: 'whole' } };
    const { got } = wire().through(looked({ items: [one!, two!, three!], crossings: [crossing] }, [crossing, made]));
    expect(got.sheet.crossings.includes(got.pairs[0]!)).toBe(true);
    expect(got.sheet.crossings.includes(got.pairs[1]!)).toBe(false);
  });

  it('brings again what was not on the last sheet, and all to a worker that has forgotten it', () => {
    const { sender, through } = wire();
    through(looked({ items: [one!, two!] }));
    through(looked({ items: [one!] }));
    expect(through(looked({ items: [one!, two!] })).got.sheet.items).toEqual([one, two]);
    sender.forget();
    const sent = structuredClone(sender.send(looked({ items: [one!, two!] })));
    expect(new SheetReceiver().receive(sent).sheet.items).toEqual([one, two]);
  });

  it('is refused where a part was never sent', () => {
    const sender = new SheetSender();
    sender.send(looked({ items: [one!] }));
    expect(() => new SheetReceiver().receive(sender.send(looked({ items: [one!] })))).toThrow(/was never sent/);
  });
});
