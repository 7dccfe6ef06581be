import { OverlayContainer } from '@angular/cdk/overlay';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';

@Component({
  selector: 'ka-root',
  imports: [RouterOutlet],
  template: '<router-outlet />',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RootComponent {
  constructor() {
    // What opens over the page lies outside of its landmarks, so it gets one of its own.
    const overlay = inject(OverlayContainer).getContainerElement();
    overlay.setAttribute('role', 'region');
    overlay.setAttribute('aria-label', 'Menus and messages');
  }
}
