/** What may stand before the picture itself: its header, its colour profile, how its colours are coded. */
const PLAIN: Record<number, string> = { 0xe0: "JFIF\0", 0xe2: "ICC_PROFILE\0", 0xee: "Adobe" };
const COMMENT = 0xfe;
const SCAN = 0xda;
/** Two bytes of marker, two of length. */
const HEAD = 4;

/**
 * A JPEG without the segments that may tell of device and place: some browsers write such of their own when they encode a picture.
 * Segments are those of ITU-T T.81, B.1.1; what follows the start of the first scan is the picture and stays.
 */
export function plainJpeg(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer> {
  const kept: Uint8Array<ArrayBuffer>[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + HEAD <= bytes.length && bytes[at] === 0xff && bytes[at + 1] !== SCAN) {
    const marker = bytes[at + 1] ?? 0;
    const end = at + 2 + (((bytes[at + 2] ?? 0) << 8) | (bytes[at + 3] ?? 0));
    if (isPlain(marker, bytes.subarray(at + HEAD, end))) kept.push(bytes.subarray(at, end));
    at = end;
  }
  kept.push(bytes.subarray(at));
  const plain = new Uint8Array(kept.reduce((sum, it) => sum + it.length, 0));
  let to = 0;
  for (const segment of kept) {
    plain.set(segment, to);
    to += segment.length;
  }

  return plain;
}

function isPlain(marker: number, content: Uint8Array): boolean {
  const isApplication = marker >= 0xe0 && marker <= 0xef;
  if (!isApplication) return marker !== COMMENT;
  const name = PLAIN[marker];

  return name !== undefined && [...name].every((letter, index) => content[index] === letter.charCodeAt(0));
}
