import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { RegionDirective, Regions } from './regions';

@Component({
  imports: [RegionDirective],
  template: `
    <div kaRegion="header"><button disabled>No</button><a href="#">Back</a></div>
    @if (depth()) {
      <div kaRegion="depth"><button tabindex="-1">Not a stop</button><input /></div>
    }
    <div kaRegion="stage" tabindex="0"><button>On the sheet</button></div>
    <div kaRegion="chips"><button>1</button><button>2</button></div>
    <div kaRegion="supplies"><button>Photo</button></div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class PageComponent {
  readonly depth = signal(true);
}

describe('parts of the editor', () => {
  let page: ComponentFixture<PageComponent>;
  let regions: Regions;
  const focused = (): string => {
    const element = document.activeElement!;
    return element.textContent?.trim() || element.tagName;
  };

  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [Regions] });
    page = TestBed.createComponent(PageComponent);
    regions = TestBed.inject(Regions);
    document.body.append(page.nativeElement as HTMLElement);
    page.detectChanges();
  });
  afterEach(() => {
    (page.nativeElement as HTMLElement).remove();
  });

  it('are gone through in the order of reading and back, each at its first stop; one that is not there is passed', () => {
    (document.activeElement as HTMLElement).blur();
    const seen = [1, 2, 3, 4].map(() => {
      regions.focusNext(false);
      return focused();
    });
    // There is no panel here: from the sheet keys go to the first part again.
    expect(seen).toEqual(['Back', 'INPUT', 'On the sheet', 'Back']);
    regions.focusNext(true);
    expect(focused()).toBe('Photo');
  });

  it('are forgotten when they go', () => {
    page.componentInstance.depth.set(false);
    page.detectChanges();
    regions.focus('stage');
    regions.focusNext(true);
    expect(focused()).toBe('Back');
  });

  it('have chips that are gone through round and round', () => {
    const seen = [false, false, false, true].map((back) => {
      expect(regions.focusNextChip(back)).toBe(true);
      return focused();
    });
    expect(seen).toEqual(['1', '2', '1', '2']);
  });
});
