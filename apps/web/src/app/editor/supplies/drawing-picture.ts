import { inject, Injectable, type OnDestroy } from '@angular/core';
import { DomSanitizer, type SafeUrl } from '@angular/platform-browser';

/** The address of a drawing that is only here as its code, for as long as it is shown. */
@Injectable()
export class DrawingPicture implements OnDestroy {
  private readonly sanitizer = inject(DomSanitizer);
  private address: string | null = null;

  /** @param source - code of an SVG drawing. */
  of(source: string): SafeUrl {
    this.ngOnDestroy();
    this.address = URL.createObjectURL(new Blob([source], { type: 'image/svg+xml' }));
    // An address that was made here for a picture; Angular lets through what it knows only.
    return this.sanitizer.bypassSecurityTrustUrl(this.address);
  }

  ngOnDestroy(): void {
    if (this.address) URL.revokeObjectURL(this.address);
    this.address = null;
  }
}
