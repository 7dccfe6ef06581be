import {
  SHIPPED_FACES,
  loadShaper,
  newPlane,
  resolvedIn,
  type Pixels,
  type Plane,
  type Project,
  type Shaper,
} from '@kadrosyn/core';
import {
  BROWSER_ENVIRONMENT,
  DecodedPhotoSource,
  drawSheet,
  sheetSize,
  type Context2D,
  type RenderResources,
} from '@kadrosyn/render';

/** What is to be drawn; addresses are on the harness's server. */
export interface PictureRequest {
  readonly project: Project;
  readonly scale: number;
  /** Address of each photo's file by the photo's id. */
  readonly photos: Readonly<Record<string, string>>;
  /** Address of each photo's only matte, a grey picture whose light is the subject. */
  readonly mattes?: Readonly<Record<string, string>>;
}

let shaper: Promise<Shaper> | undefined;

async function bytesOf(address: string): Promise<Uint8Array> {
  return new Uint8Array(await (await fetch(address)).arrayBuffer());
}

/** A shaper with all faces that ship. */
export function loadFaces(): Promise<Shaper> {
  const face = async ({ id, files }: (typeof SHIPPED_FACES)[number]) => ({
    id,
    files: await Promise.all(files.map((file) => bytesOf(`/faces/${file}.ttf`))),
  });
  return Promise.all(SHIPPED_FACES.map(face)).then(loadShaper);
}

async function decode(address: string): Promise<Pixels> {
  const bitmap = await createImageBitmap(await (await fetch(address)).blob());
  const { width, height } = bitmap;
  const { context } = BROWSER_ENVIRONMENT.createSurface(width, height);
  context.drawImage(bitmap, 0, 0);
  return { width, height, data: context.getImageData(0, 0, width, height).data };
}

async function matteFrom(address: string): Promise<Plane> {
  const { width, height, data } = await decode(address);
  const plane = newPlane(width, height);
  for (let i = 0; i < plane.data.length; i++) plane.data[i] = data[4 * i]!;
  return plane;
}

const decoded = new Map<string, Promise<Pixels>>();
const planes = new Map<string, Promise<Plane>>();

/** All that drawing the request needs; photos and mattes are decoded once. */
export async function resourcesFor(request: PictureRequest): Promise<RenderResources> {
  const source = new DecodedPhotoSource(BROWSER_ENVIRONMENT);
  for (const [id, address] of Object.entries(request.photos)) {
    const pixels = decoded.get(address) ?? decode(address);
    decoded.set(address, pixels);
    source.add(id, await pixels);
    const matte = request.mattes?.[id];
    const sha256 = request.project.photos[id]?.cutouts?.[0]?.revisions[0]?.matteSha256;
    if (!matte || !sha256) continue;
    const plane = planes.get(matte) ?? matteFrom(matte);
    planes.set(matte, plane);
    source.addMatte(id, sha256, await plane);
  }
  shaper ??= loadFaces();
  return { environment: BROWSER_ENVIRONMENT, photos: request.project.photos, source, shaper: await shaper };
}

/** Draws the first sheet on the canvas that `canvas` makes. */
export async function draw(request: PictureRequest, canvas: (width: number, height: number) => Context2D): Promise<Context2D> {
  const sheet = resolvedIn(request.project, request.project.sheets[0]!);
  const resources = await resourcesFor(request);
  const { width, height } = sheetSize(sheet, request.scale);
  const context = canvas(width, height);
  drawSheet(context, sheet, { scale: request.scale, left: 0, top: 0 }, resources);
  return context;
}

/** The same as pixels. */
export async function picture(request: PictureRequest, canvas: (width: number, height: number) => Context2D): Promise<ImageData> {
  const context = await draw(request, canvas);
  return context.getImageData(0, 0, context.canvas.width, context.canvas.height);
}
