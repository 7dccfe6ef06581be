import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { describe, expect, it } from 'vitest';
import { ShownToggleDirective } from './shown-toggle.directive';

@Component({
  selector: 'ka-choice-example',
  imports: [MatButtonToggleModule, ShownToggleDirective],
  template: `
    <mat-button-toggle-group multiple>
      <mat-button-toggle [kaOn]="side() === 'left'" (change)="choose('left')">Left</mat-button-toggle>
      <mat-button-toggle [kaOn]="side() === 'right'" (change)="choose('right')">Right</mat-button-toggle>
    </mat-button-toggle-group>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class ChoiceExampleComponent {
  readonly side = signal('left');
  readonly isFixed = signal(false);
  readonly chosen: string[] = [];

  choose(side: string): void {
    this.chosen.push(side);
    if (!this.isFixed()) this.side.set(side);
  }
}

async function shown() {
  const fixture = TestBed.createComponent(ChoiceExampleComponent);
  await fixture.whenStable();
  const buttons = [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')];
  const pressed = () => buttons.map((button) => button.getAttribute('aria-pressed'));
  const press = async (index: number): Promise<void> => {
    buttons[index]!.click();
    await fixture.whenStable();
  };
  return { example: fixture.componentInstance, pressed, press };
}

describe('a toggle that shows what is so', () => {
  it('says that it was pressed, and shows what came of it', async () => {
    const { example, pressed, press } = await shown();
    expect(pressed()).toEqual(['true', 'false']);
    await press(1);
    expect(example.chosen).toEqual(['right']);
    expect(pressed()).toEqual(['false', 'true']);
  });

  it('stays on when it is pressed again', async () => {
    const { example, pressed, press } = await shown();
    await press(0);
    expect(example.chosen).toEqual(['left']);
    expect(pressed()).toEqual(['true', 'false']);
  });

  it('stays off where the press changed nothing', async () => {
    const { example, pressed, press } = await shown();
    example.isFixed.set(true);
    await press(1);
    expect(example.chosen).toEqual(['right']);
    expect(pressed()).toEqual(['true', 'false']);
  });
});
