import { FALLBACK_FACE, findOpening, loadShaper, type Shaper } from '@kadrosyn/core';
import {
  BROWSER_ENVIRONMENT,
  LevelChain,
  measureWord,
  shownPicture,
  surveyItem,
  type ItemSurvey,
  type RenderResources,
} from '@kadrosyn/render';
import { expose, transfer } from 'comlink';
import { faceFiles } from '../../lettering/face-files';
import { bitmapLevels, transferredParts } from '../../photos/bitmap-levels';
import type {
  MeasureAnswer,
  MeasureRequest,
  PictureAnswer,
  PictureRequest,
  SurveyAnswer,
  SurveyRequest,
} from './findings-messages';
import { SentLevels, type SentLevel } from './sent-levels';
import { SheetReceiver, type Looked } from './sent-sheet';

const levels = new SentLevels();
const sheets = new SheetReceiver();
/** Those that are drawn for others: what is known of the one that is looked at stays known meanwhile. */
const pictures = new SheetReceiver();
let shaper: Promise<Shaper> | undefined;

/** Looks at sheets away from the main thread. */
const finder = {
  level(level: SentLevel): void {
    levels.add(level);
  },

  /** Has everything ready, so that the first question is answered at once. */
  async warm(faces: readonly string[]): Promise<void> {
    await shaperWith(faces);
  },

  async survey({ sheet: sent, faces, itemId }: SurveyRequest): Promise<SurveyAnswer> {
    // Sheets are taken in the order in which they were sent.
    const looked = sheets.receive(sent);
    const resources = await resourcesFor(looked, faces);
    // What was found is kept here for the next time; a copy goes, whose memory is handed over.
    const value = structuredClone(surveyItem(looked.sheet, itemId, looked.pairs, resources));
    return transfer({ value, lacking: levels.lacked() }, labelsOf(value));
  },

  async measure({ sheet: sent, faces, wordId, seen }: MeasureRequest): Promise<MeasureAnswer> {
    const looked = sheets.receive(sent);
    const resources = await resourcesFor(looked, faces);
    const word = findOpening(looked.sheet, wordId);
    return { value: word ? measureWord(looked.sheet, word, seen, resources) : null, lacking: levels.lacked() };
  },

  /** A sheet as the picture that it is in openings of others. */
  async picture({ sheet: sent, faces, wanted }: PictureRequest): Promise<PictureAnswer> {
    const looked = pictures.receive(sent);
    const resources = await resourcesFor(looked, faces);
    const pixels = shownPicture(looked.sheet, resources);
    const chain = new LevelChain(pixels, 0, pixels);
    const value = bitmapLevels(chain, Math.min(wanted, chain.coarsest));
    return transfer({ value, lacking: levels.lacked() }, transferredParts(value));
  },
};

export type FindingsWorker = typeof finder;

/** The largest part of what is found. */
function labelsOf({ overhang, crossings }: ItemSurvey): ArrayBuffer[] {
  const parts = [overhang?.plan.overhang.parts, ...crossings.map((crossing) => crossing?.plan.zone.parts)];
  return parts.flatMap((each) => (each ? (each.labels.buffer as ArrayBuffer) : []));
}

async function resourcesFor({ photos }: Looked, faces: readonly string[]): Promise<RenderResources> {
  const ready = await shaperWith(faces);
  levels.begin(photos);
  const version = levels.version + ready.version;
  return { environment: BROWSER_ENVIRONMENT, photos, source: levels, shaper: ready, version };
}

/** One with these faces and no others. @throws Error when one can not be had; the next request tries again. */
async function shaperWith(faces: readonly string[]): Promise<Shaper> {
  const before = await shaper?.catch(() => undefined);
  const has = new Set(before?.faceIds);
  if (before && has.size === faces.length && faces.every((id) => has.has(id))) return before;
  shaper = made(faces, before);
  return shaper;
}

async function made(faces: readonly string[], before: Shaper | undefined): Promise<Shaper> {
  const isMore = before?.faceIds.every((id) => faces.includes(id)) ?? false;
  const wanted = isMore ? faces.filter((id) => !before!.hasFace(id)) : faces;
  const loaded = await Promise.all(wanted.map(async (id) => ({ id, files: await neededFiles(id) })));
  return isMore ? before!.with(loaded) : loadShaper(loaded);
}

async function neededFiles(id: string): Promise<readonly Uint8Array[]> {
  const files = await faceFiles(id);
  if (!files) throw new Error(`The face ${id === FALLBACK_FACE ? 'of last resort' : id} is not there`);
  return files;
}

expose(finder);
