import type { ReferenceInputs } from '../kit/fields';
import { CropInput } from './CropInput';
import { things } from './things';

/** How each thing that a record can refer to is chosen. */
export const referenceInputs: ReferenceInputs = {
  crop: CropInput,
  ...Object.fromEntries(
    Object.entries(things).flatMap(([of, { input }]) => (input === undefined ? [] : [[of, input]])),
  ),
};
