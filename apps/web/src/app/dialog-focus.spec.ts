import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MATERIAL_ANIMATIONS } from '@angular/material/core';
import { MatDialog } from '@angular/material/dialog';
import { describe, expect, it } from 'vitest';
import { appConfig } from './app.config';

@Component({
  template: '<input aria-label="Name" /><input aria-label="Words" />',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class TwoFields {}

const wait = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

describe('the focus in a dialog', () => {
  it('is taken before the opening movement is over, and is not fetched back from a field chosen since', async () => {
    TestBed.configureTestingModule({
      providers: [...appConfig.providers, { provide: MATERIAL_ANIMATIONS, useValue: { animationsDisabled: false } }],
    });
    const opened = TestBed.inject(MatDialog).open(TwoFields, { enterAnimationDuration: 400 });
    TestBed.tick();
    await wait(0);
    expect(document.activeElement?.closest('mat-dialog-container')).not.toBeNull();
    const words = document.querySelector<HTMLInputElement>('[aria-label=Words]')!;
    words.focus();
    await wait(600);
    expect(document.activeElement).toBe(words);
    opened.close();
  });
});
