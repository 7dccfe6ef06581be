import { TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { newProject, type Item } from '@kadrosyn/core';
import { describe, expect, it, vi } from 'vitest';
import { shaped, word } from '../../../testing/opened-editor';
import { TemplateDialog, type TemplateChoice } from './template.dialog';

const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
const photo = { type: 'photo', photoId: 'kiln', placement } as const;

function dialogOver(items: readonly Item[]) {
  const made = newProject('Card', { width: 400, height: 300, unit: 'px' });
  const close = vi.fn<(choice: TemplateChoice) => void>();
  TestBed.configureTestingModule({
    providers: [
      { provide: MAT_DIALOG_DATA, useValue: { ...made, sheets: [{ ...made.sheets[0]!, items }] } },
      { provide: MatDialogRef, useValue: { close } },
    ],
  });
  const dialog = TestBed.createComponent(TemplateDialog);
  dialog.detectChanges();
  return { dialog, close, page: dialog.nativeElement as HTMLElement };
}

describe('the dialog for a template', () => {
  it('proposes openings with a photo and what was a slot; words and colours only where that is wanted', () => {
    const { dialog } = dialogOver([
      shaped('arch', { fill: photo }),
      shaped('plain', { fill: { type: 'colour', colour: '#cf4a22' } }),
      word('WELCOME'),
      word('DATE', { slot: { hint: 'The day', sample: true } }),
    ]);
    const places = dialog.componentInstance.places();
    expect(places.map(({ opening, chosen, hint }) => [opening.id, chosen, hint])).toEqual([
      ['arch', true, 'Your photo for arch'],
      ['WELCOME', false, 'Your text'],
      ['DATE', true, 'The day'],
    ]);
  });

  it('wants a name, and a hint for each place, before it can be kept', () => {
    const { dialog, page } = dialogOver([shaped('arch', { fill: photo })]);
    const save = (): boolean => {
      dialog.detectChanges();
      return [...page.querySelectorAll('button')].find(({ textContent }) => textContent.includes('Save template'))!.disabled;
    };
    expect(save()).toBe(false);
    dialog.componentInstance.change(0, { hint: ' ' });
    expect(save()).toBe(true);
    dialog.componentInstance.change(0, { chosen: false });
    expect(save()).toBe(false);
    dialog.componentInstance.name.set('  ');
    expect(save()).toBe(true);
  });

  it('gives back the chosen places alone, without spaces around the words', () => {
    const { dialog, close } = dialogOver([shaped('arch', { fill: photo }), word('WELCOME')]);
    dialog.componentInstance.name.set(' Evening ');
    dialog.componentInstance.words.set(' dusk ');
    dialog.componentInstance.change(0, { hint: ' The door ' });
    dialog.componentInstance.finish(new Event('submit'));
    expect(close).toHaveBeenCalledWith({ name: 'Evening', words: 'dusk', hints: new Map([['arch', 'The door']]) });
  });
});
