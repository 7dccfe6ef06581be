import { SHIPPED_FACES, type Face } from '@kadrosyn/core';
import { Fault } from '../api/fault';

/** The files of a face, as HarfBuzz reads them; null where a face of one's own is gone. @throws Fault when a shipped one can not be loaded. */
export async function faceFiles(id: string): Promise<readonly Uint8Array[] | null> {
  const shipped = SHIPPED_FACES.find((face) => face.id === id);
  if (shipped) return shippedFiles(shipped);
  try {
    const response = await fetch(`/api/faces/${id}/file`);
    return response.ok ? [new Uint8Array(await response.arrayBuffer())] : null;
  } catch {
    // The server is away: what is set in this face shows its stand-in until it is asked for again.
    return null;
  }
}

function shippedFiles(face: Face): Promise<Uint8Array[]> {
  return Promise.all(
    face.files.map(async (name) => {
      const response = await fetch(`/faces/${name}.ttf`);
      if (!response.ok) throw new Fault('face-missing', `The face ${face.name} could not be loaded. Reload the page.`);
      return new Uint8Array(await response.arrayBuffer());
    }),
  );
}
