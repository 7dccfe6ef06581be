/** Something besides itself that a part of a document needs to be drawn. */
export type Reference =
  | { readonly to: 'photo'; readonly id: string }
  /** A revision of a cutout of a photo, by the sha256 of its matte. */
  | { readonly to: 'cutout'; readonly photoId: string; readonly id: string; readonly revision: string }
  /** What stands in front of an area of a photo. */
  | { readonly to: 'area'; readonly photoId: string; readonly id: string }
  /** A placement that the sheet keeps for several. */
  | { readonly to: 'placement'; readonly id: string }
  /** Another sheet of the project. */
  | { readonly to: 'sheet'; readonly id: string }
  /** A face, and the text that is set in it. */
  | { readonly to: 'face'; readonly id: string; readonly text: string };
