import { TestBed } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { describe, expect, it } from 'vitest';
import { openedEditor, shaped } from '../../../testing/opened-editor';
import { Exporting, LONGEST_NAME } from './exporting';
import { FileNameComponent } from './file-name.component';

describe('what the file is called', () => {
  it('is typed, with parts where the caret is, and said as it will be', () => {
    openedEditor([shaped('arch')], [Exporting, { provide: MatDialog, useValue: {} }]);
    const exporting = TestBed.inject(Exporting);
    const shown = TestBed.createComponent(FileNameComponent);
    shown.detectChanges();
    const element = shown.nativeElement as HTMLElement;
    const field = element.querySelector('input')!;
    // By itself it has the name of the project.
    expect(field.placeholder).toBe(exporting.fileName());
    expect(element.querySelector('.says')!.textContent).toBe('');
    field.value = 'For  shop';
    field.dispatchEvent(new Event('input'));
    field.setSelectionRange(4, 4);
    [...element.querySelectorAll('button')].find((button) => button.textContent.includes('size'))!.click();
    shown.detectChanges();
    expect(exporting.settings().name).toBe('For {size} shop');
    expect(document.activeElement).toBe(field);
    expect(element.querySelector('.says')!.textContent).toMatch(/^For \d+x\d+ shop$/);
    exporting.setName('x'.repeat(300));
    expect(exporting.request()!.name).toHaveLength(LONGEST_NAME);
  });
});
