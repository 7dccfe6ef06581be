import { CUSTOM_ELEMENTS_SCHEMA, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { beforeEach, describe, expect, it } from 'vitest';
import { openedEditor, shaped, word, type OpenedEditor } from '../../../testing/opened-editor';
import { ItemThumbnailComponent } from '../depth/item-thumbnail.component';
import { FinishEditing } from '../finish/finish-editing';
import { BreakoutTabComponent } from '../tabs/breakout/breakout-tab.component';
import { FinishTabComponent } from '../tabs/finish/finish-tab.component';
import { FitTabComponent } from '../tabs/fit/fit-tab.component';
import { LettersTabComponent } from '../tabs/lettering/letters-tab.component';
import { SheetTabComponent } from '../tabs/sheet/sheet-tab.component';
import { SizeTabComponent } from '../tabs/size/size-tab.component';
import { TogetherPanelComponent } from '../tabs/together/together-panel.component';
import { SidePanelComponent } from './side-panel.component';

/** Tabs have specs and journeys of their own: here it counts which one is shown. */
const TABS = [
  BreakoutTabComponent,
  FinishTabComponent,
  FitTabComponent,
  SizeTabComponent,
  LettersTabComponent,
  SheetTabComponent,
  TogetherPanelComponent,
  ItemThumbnailComponent,
];

describe('the side panel', () => {
  let editor: OpenedEditor;
  let panel: ComponentFixture<SidePanelComponent>;
  const page = (): HTMLElement => {
    panel.detectChanges();
    return panel.nativeElement as HTMLElement;
  };
  const shown = (): string[] =>
    [...page().querySelectorAll('.body > *')].map((tab) => tab.localName).filter((name) => name.startsWith('ka-'));
  const tabs = (): HTMLElement[] => [...page().querySelectorAll<HTMLElement>('[mat-tab-link]')];
  const active = (): string[] =>
    tabs()
      .filter((tab) => tab.ariaSelected === 'true')
      .map((tab) => tab.textContent.trim());

  beforeEach(() => {
    TestBed.overrideComponent(SidePanelComponent, { remove: { imports: TABS }, add: { schemas: [CUSTOM_ELEMENTS_SCHEMA] } });
    editor = openedEditor(
      [shaped('arch'), word('KILN'), shaped('door')],
      [{ provide: FinishEditing, useValue: { name: signal('2 items') } }],
    );
    panel = TestBed.createComponent(SidePanelComponent);
  });

  it('shows the sheet while nothing is selected', () => {
    expect([shown(), tabs().length]).toEqual([['ka-sheet-tab'], 0]);
  });

  it('shows the tab that was wanted last where what is selected has it, else the first that it has', () => {
    editor.session.select('arch');
    expect([shown(), active()]).toEqual([['ka-fit-tab'], ['Fit']]);
    tabs()
      .find((tab) => tab.textContent.includes('Size'))!
      .click();
    expect([shown(), active()]).toEqual([['ka-size-tab'], ['Size']]);
    editor.session.select('door');
    expect(shown()).toEqual(['ka-size-tab']);
    editor.session.select('KILN');
    expect([shown(), active()]).toEqual([['ka-letters-tab'], ['Letters']]);
    editor.session.selectSeveral(['arch', 'door']);
    expect([shown(), active()]).toEqual([['ka-together-panel'], ['Arrange']]);
  });

  it('renames what is selected in one step, and takes no empty name', () => {
    editor.session.select('arch');
    const field = page().querySelector<HTMLInputElement>('input[aria-label="Name"]')!;
    field.value = ' ';
    field.dispatchEvent(new Event('change'));
    expect([field.value, editor.steps()]).toEqual(['arch', []]);
    field.value = 'Gate';
    field.dispatchEvent(new Event('change'));
    expect([editor.item('arch')?.name, editor.steps()]).toEqual(['Gate', ['Rename arch']]);
  });

  it('says what it is and how large, in the unit of the project', () => {
    editor.session.select('arch');
    expect(page().querySelector('.head p')!.textContent).toMatch(/^\S.*, 60 × 40 px$/);
  });
});
