import type { ReferenceInputs } from '../kit/fields';
import { later } from '../kit/Coming';
import { things } from './things';

const CropInput = later(async () => (await import('./CropInput')).CropInput, { lines: 1, height: 52 });

/** How each thing that a record can refer to is chosen. */
export const referenceInputs: ReferenceInputs = {
  crop: CropInput,
  ...Object.fromEntries(
    Object.entries(things).flatMap(([of, { input }]) => (input === undefined ? [] : [[of, input]])),
  ),
};
