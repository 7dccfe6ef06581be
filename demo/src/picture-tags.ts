import type { SamplePhotoName } from './sample-photos.js';

/** What a sample picture is called and found by. */
export interface PictureTags {
  readonly title: string;
  readonly tags: readonly string[];
}

export const PICTURE_TAGS: Readonly<Record<SamplePhotoName, PictureTags>> = {
  'poster-board': { title: 'Poster on a board', tags: ['poster', 'board', 'cork', 'blank', 'paper'] },
  'label-jar': { title: 'Jar with a plain label', tags: ['jar', 'label', 'blank', 'product', 'kitchen'] },
  'lid-box': { title: 'Plain box with a lid', tags: ['box', 'cardboard', 'blank', 'product', 'parcel'] },
  'heron-shore': { title: 'Heron on the shore', tags: ['heron', 'bird', 'clay', 'animal', 'water', 'lake'] },
  'lake-dusk': { title: 'Lake at dusk', tags: ['lake', 'water', 'evening', 'landscape', 'blue'] },
  'mug-teal': { title: 'Teal mug', tags: ['mug', 'cup', 'teal', 'pottery', 'product'] },
  'agave-pot': { title: 'Agave in a pot', tags: ['plant', 'agave', 'pot', 'green', 'garden'] },
  'glaze-teal': { title: 'Teal glaze', tags: ['glaze', 'texture', 'teal', 'blue', 'background'] },
  'vases-trio': { title: 'Three vases', tags: ['vase', 'pottery', 'product', 'shelf'] },
  'tote-blank': { title: 'Plain tote bag', tags: ['bag', 'tote', 'blank', 'product', 'cloth'] },
  'mug-blank': { title: 'Plain mug', tags: ['mug', 'cup', 'blank', 'product', 'white'] },
  'glaze-rust': { title: 'Rust glaze', tags: ['glaze', 'texture', 'rust', 'orange', 'background'] },
  'glaze-celadon': { title: 'Celadon glaze', tags: ['glaze', 'texture', 'celadon', 'green', 'background'] },
  'bowls-top': { title: 'Bowls from above', tags: ['bowl', 'pottery', 'table', 'pattern'] },
  'hare-leap': { title: 'Leaping hare', tags: ['hare', 'clay', 'animal', 'jump', 'meadow'] },
  'fox-shelf': { title: 'Fox on the shelf', tags: ['fox', 'clay', 'animal', 'shelf', 'bowl'] },
  'teapot-pour': { title: 'Pouring tea', tags: ['teapot', 'tea', 'pottery', 'table', 'warm'] },
  'potter-wheel': { title: 'At the wheel', tags: ['potter', 'wheel', 'workshop', 'figure', 'clay'] },
  'team-bowl': { title: 'Figure with a bowl', tags: ['team', 'figure', 'bowl', 'clay', 'badge'] },
  'team-mug': { title: 'Figure with a mug', tags: ['team', 'figure', 'mug', 'clay', 'badge'] },
  'team-brush': { title: 'Figure with a brush', tags: ['team', 'figure', 'brush', 'glaze', 'badge'] },
  'team-knife': { title: 'Figure with a trimming knife', tags: ['team', 'figure', 'knife', 'clay', 'badge'] },
  'five-birds': { title: 'Five clay birds', tags: ['bird', 'clay', 'animal', 'row'] },
  'kite-tail': { title: 'Kite with a long tail', tags: ['kite', 'sky', 'wind', 'festival'] },
  'hills-kiln': { title: 'Hills with the kiln', tags: ['hills', 'kiln', 'landscape', 'village', 'evening'] },
  stall: { title: 'Market stall', tags: ['stall', 'market', 'pottery', 'shop'] },
  'paper-backdrop': { title: 'Paper', tags: ['paper', 'texture', 'background', 'light'] },
  'slate-backdrop': { title: 'Slate', tags: ['slate', 'stone', 'texture', 'background', 'dark'] },
  'frame-wall': { title: 'Frame on a wall', tags: ['frame', 'wall', 'room', 'blank'] },
  'frame-tilt': { title: 'Leaning frame', tags: ['frame', 'room', 'blank', 'shelf'] },
  'card-table': { title: 'Card on a table', tags: ['card', 'table', 'blank', 'paper'] },
  loupe: { title: 'Loupe', tags: ['loupe', 'lens', 'glass', 'detail'] },
  'window-room': { title: 'Kiln room window', tags: ['window', 'room', 'kiln', 'light'] },
};
