/** px of the longer side: enough to see mildew on a leaf. */
const SIDE = 1200;

/** Bytes that are kept at the most, with room for what base64 rounds up. */
const MOST = 190_000;

/** How much a side is smaller where what was drawn is still too large, and how well it is drawn. */
const STEPS = [
  [1, 0.8],
  [1, 0.6],
  [0.75, 0.6],
  [0.5, 0.6],
  [0.35, 0.5],
] as const;

/** As large as it may be kept, the longer side first. */
export function sized(width: number, height: number, share: number): { width: number; height: number } {
  const by = Math.min(1, SIDE / Math.max(width, height)) * share;
  return { width: Math.max(1, Math.round(width * by)), height: Math.max(1, Math.round(height * by)) };
}

/** Draws a picture anew, small: what the camera wrote beside it, its position too, is not drawn. @returns base64 of a JPEG */
export async function small(file: Blob): Promise<string> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  try {
    for (const [share, quality] of STEPS) {
      const { width, height } = sized(picture.width, picture.height, share);
      const canvas = document.createElement('canvas');
      canvas.width = width;
      canvas.height = height;
      const context = canvas.getContext('2d');
      if (context === null) throw new Error('This browser draws no pictures.');
      // What is seen through stands on white.
      context.fillStyle = '#fff';
      context.fillRect(0, 0, width, height);
      context.drawImage(picture, 0, 0, width, height);
      const jpeg = canvas.toDataURL('image/jpeg', quality).split(',')[1] ?? '';
      if ((jpeg.length * 3) / 4 <= MOST) return jpeg;
    }
  } finally {
    picture.close();
  }
  throw new Error('The photograph cannot be made small enough.');
}
