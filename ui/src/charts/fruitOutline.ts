export type FruitShape = 'round' | 'long' | 'necked' | 'flat';

/** A fruit within a square of a hundred, and its stalk. */
export const fruits: Record<FruitShape, { body: string; stalk: string }> = {
  round: {
    body: 'M50 26 Q78 26 78 54 Q78 82 50 82 Q22 82 22 54 Q22 26 50 26 Z',
    stalk: 'M50 26 Q50 18 56 14',
  },
  long: {
    body: 'M42 24 Q50 20 58 24 Q70 50 64 76 Q58 86 50 86 Q42 86 36 76 Q30 50 42 24 Z',
    stalk: 'M50 22 Q50 14 56 12',
  },
  necked: {
    body: 'M40 24 Q50 18 60 24 Q64 42 70 52 Q82 70 70 80 Q60 88 50 88 Q40 88 30 80 Q18 70 30 52 Q36 42 40 24 Z',
    stalk: 'M50 21 Q50 14 56 11',
  },
  flat: {
    body: 'M50 38 Q86 34 86 58 Q86 80 50 80 Q14 80 14 58 Q14 34 50 38 Z',
    stalk: 'M50 38 Q50 28 57 24',
  },
};

/** Where something was seen of it a piece is out of its right shoulder. */
export const NOTCH = 'M60 40 L84 30 L70 56 Z';
