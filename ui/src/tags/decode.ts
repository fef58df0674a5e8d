import decodeQR from 'qr/decode.js';

/** A larger picture tells no more, and takes longer to look through. */
const MOST = 1200;

/** What the square mark in a picture holds; nothing where none can be read. */
export function markIn(image: {
  width: number;
  height: number;
  data: Uint8ClampedArray;
}): string | undefined {
  try {
    return decodeQR(image);
  } catch {
    // The library throws where it finds no mark, or half of one.
    return undefined;
  }
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
