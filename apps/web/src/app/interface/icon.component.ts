import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { DomSanitizer } from '@angular/platform-browser';
import arrowLeft from 'lucide-static/icons/arrow-left.svg';
import copy from 'lucide-static/icons/copy.svg';
import ellipsis from 'lucide-static/icons/ellipsis.svg';
import flip from 'lucide-static/icons/flip-horizontal.svg';
import eyeOff from 'lucide-static/icons/eye-off.svg';
import lock from 'lucide-static/icons/lock.svg';
import pipette from 'lucide-static/icons/pipette.svg';
import redo from 'lucide-static/icons/redo-2.svg';
import reset from 'lucide-static/icons/rotate-ccw.svg';
import undo from 'lucide-static/icons/undo-2.svg';

const ICONS = { 'arrow-left': arrowLeft, copy, ellipsis, 'eye-off': eyeOff, flip, lock, pipette, redo, reset, undo } as const;

export type IconName = keyof typeof ICONS;

/** A small drawing beside or instead of a word; whoever uses it without a word names its button. */
@Component({
  selector: 'ka-icon',
  template: '',
  host: { '[innerHTML]': 'drawing()', 'aria-hidden': 'true' },
  styles: ':host { display: inline-flex; width: 18px; height: 18px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class IconComponent {
  private readonly sanitizer = inject(DomSanitizer);
  readonly name = input.required<IconName>();
  // The drawings are part of the application, so they can be trusted.
  readonly drawing = computed(() =>
    this.sanitizer.bypassSecurityTrustHtml(ICONS[this.name()].replace(/width="24"\s+height="24"/, 'width="18" height="18"')),
  );
}
