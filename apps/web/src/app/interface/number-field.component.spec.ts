import type { ComponentFixture } from '@angular/core/testing';
import { TestBed } from '@angular/core/testing';
import { beforeEach, describe, expect, it } from 'vitest';
import { NumberFieldComponent } from './number-field.component';

describe('the number field', () => {
  let fixture: ComponentFixture<NumberFieldComponent>;
  let input: HTMLInputElement;
  let values: number[];

  beforeEach(async () => {
    fixture = TestBed.createComponent(NumberFieldComponent);
    fixture.componentRef.setInput('label', 'Width');
    fixture.componentRef.setInput('value', 50);
    fixture.componentRef.setInput('decimals', 1);
    fixture.componentRef.setInput('least', 0);
    fixture.componentRef.setInput('most', 200);
    values = [];
    fixture.componentInstance.changed.subscribe((value) => values.push(value));
    await fixture.whenStable();
    input = (fixture.nativeElement as HTMLElement).querySelector('input')!;
  });

  function type(text: string): void {
    input.value = text;
    input.dispatchEvent(new Event('input'));
    input.dispatchEvent(new Event('change'));
  }

  it('takes a length in another unit, where it is one', () => {
    fixture.componentRef.setInput('unit', 'mm');
    fixture.componentRef.setInput('dpi', 254);
    for (const [text, value] of [
      ['12 mm', 12],
      ['3cm', 30],
      ['1 in', 25.4],
      ['2"', 50.8],
      ['100px', 10],
    ] as const) {
      expect(fixture.componentInstance.parsed(text)).toBeCloseTo(value, 6);
    }
    for (const text of ['5 kg', 'mm', '1 2', '--']) expect(fixture.componentInstance.parsed(text)).toBeNull();
    fixture.componentRef.setInput('unit', '%');
    expect(fixture.componentInstance.parsed('5 mm')).toBeNull();
    expect(fixture.componentInstance.parsed('5 %')).toBe(5);
    expect(fixture.componentInstance.parsed('5')).toBe(5);
  });

  it('takes a typed number, with a comma too, within its limits', () => {
    type('62,5');
    type('900');
    type('-3');
    expect(values).toEqual([62.5, 200, 0]);
  });

  it('keeps its value when what is typed is none', () => {
    type('wide');
    type('');
    expect(values).toEqual([]);
    expect(input.value).toBe('50');
  });

  it('steps by the arrow keys, with Shift by ten', () => {
    const press = (key: string, shiftKey = false) => input.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey }));
    press('ArrowUp');
    press('ArrowDown', true);
    expect(values).toEqual([51, 40]);
  });

  it('is named by its label', () => {
    expect(input.closest('label')!.textContent).toContain('Width');
  });

  it('gives a typed value once, also where its own value stays, as in a field that scales by', () => {
    input.value = '80';
    input.dispatchEvent(new Event('input'));
    input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    input.dispatchEvent(new Event('change'));
    input.dispatchEvent(new Event('blur'));
    expect(values).toEqual([80]);
    expect(input.value).toBe('50');
  });

  it('shows the new value also when it was typed so slowly that it was drawn in between', async () => {
    fixture.componentInstance.changed.subscribe((value) => fixture.componentRef.setInput('value', value));
    input.value = '80';
    input.dispatchEvent(new Event('input'));
    await fixture.whenStable();
    input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    await fixture.whenStable();
    expect(values).toEqual([80]);
    expect(input.value).toBe('80');
  });
});
