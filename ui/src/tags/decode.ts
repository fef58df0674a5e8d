import decodeQR from 'qr/decode.js';

/** A larger picture tells no more, and takes longer to look through. */
const MOST = 1200;

type Picture = { width: number; height: number; data: Uint8ClampedArray };

/** Quarter turns by which a picture can be looked at. */
export const TURNS = [0, 1, 2, 3];

/**
 * What the square mark in a picture holds; nothing where none can be read.
 *
 * @param turns by how many quarter turns it is looked at: of a hundred clean marks the library misses one as it stands,
 * and reads it when it lies on its side
 */
export function markIn(image: Picture, turns = TURNS): string | undefined {
  for (const turn of turns) {
    try {
      return decodeQR(turned(image, turn));
    } catch {
      // The library throws where it finds no mark, or half of one.
    }
  }
  return undefined;
}

function turned({ width, height, data }: Picture, quarters: number): Picture {
  if (quarters === 0) return { width, height, data };
  const [from, to] = [new Uint32Array(data.slice().buffer), new Uint32Array(width * height)];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) to[x * height + height - 1 - y] = from[y * width + x] ?? 0;
  return turned({ width: height, height: width, data: new Uint8ClampedArray(to.buffer) }, quarters - 1);
}

/** The same of a picture that was taken before. */
export async function markInFile(file: File): Promise<string | undefined> {
  const picture = await createImageBitmap(file).catch(() => undefined);
  if (picture === undefined) return undefined;
  const image = pixels(picture, picture.width, picture.height);
  picture.close();
  return image && markIn(image);
}

/** The pixels of a picture or of what a camera shows, no more of them than are needed. */
export function pixels(source: CanvasImageSource, width: number, height: number): ImageData | undefined {
  const scale = Math.min(1, MOST / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (context === null || canvas.width === 0 || canvas.height === 0) return undefined;
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}
