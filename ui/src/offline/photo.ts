import { plainJpeg } from "./plainJpeg";

/** A photograph made ready: a JPEG drawn anew, so that nothing of device or place is left in it. */
export interface Photo {
  blob: Blob;
  sha256: string;
}

const LONGEST_SIDE = 1_600;
const QUALITY = 0.82;
/** Beyond this no tablet's camera goes; a file that claims more is not unpacked. */
const MOST_BYTES = 40_000_000;

/** Draws a picture anew, no larger than it is looked at. Throws in words where the file holds none. */
export async function photoOf(file: File): Promise<Photo> {
  if (file.size > MOST_BYTES) throw new Error("This file is too large for a photograph of a tray.");
  if (file.type === "image/svg+xml") throw new Error("This is a drawing, not a photograph.");
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error("This file is not a picture, whatever it is called.");
  });
  const scale = Math.min(1, LONGEST_SIDE / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(Math.round(bitmap.width * scale), Math.round(bitmap.height * scale));
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const encoded = await canvas.convertToBlob({ type: "image/jpeg", quality: QUALITY });
  const bytes = plainJpeg(new Uint8Array(await encoded.arrayBuffer()));
  const digest = await crypto.subtle.digest("SHA-256", bytes);

  return {
    blob: new Blob([bytes], { type: encoded.type }),
    sha256: [...new Uint8Array(digest)].map((it) => it.toString(16).padStart(2, "0")).join(""),
  };
}
