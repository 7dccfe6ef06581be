import { ChangeDetectionStrategy, Component, effect, inject, input, viewChild, type ElementRef } from '@angular/core';
import { MockupPictures } from '../products/mockup-pictures';
import type { ShownMockup } from '../products/mockup-list';

/** A mockup: with the newest artwork of the project on it, once that is drawn. */
@Component({
  selector: 'ka-mockup-picture',
  template: `
    @if (pictures.of(mockup().entry.photo.id)) {
      <canvas #canvas aria-hidden="true"></canvas>
    } @else {
      <img
        loading="lazy"
        [attr.width]="mockup().entry.photo.width"
        [attr.height]="mockup().entry.photo.height"
        [src]="mockup().entry.thumbnail"
        alt=""
        draggable="false"
      />
    }
  `,
  styleUrl: './mockup-picture.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MockupPictureComponent {
  readonly pictures = inject(MockupPictures);
  readonly mockup = input.required<ShownMockup>();
  private readonly canvas = viewChild<ElementRef<HTMLCanvasElement>>('canvas');

  constructor() {
    effect(() => {
      const [canvas, picture] = [this.canvas()?.nativeElement, this.pictures.of(this.mockup().entry.photo.id)];
      if (!canvas || !picture) return;
      Object.assign(canvas, { width: picture.width, height: picture.height });
      canvas.getContext('2d')?.drawImage(picture, 0, 0);
    });
  }
}
