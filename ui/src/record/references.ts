import type { ReferenceInputs } from '../kit/fields';
import { CropInput } from './CropInput';
import { LotInput, PlantingInput } from './ThingInput';
import { PlaceInput } from './PlaceInput';

/** How each thing that a record can refer to is chosen. */
export const referenceInputs: ReferenceInputs = {
  crop: CropInput,
  lot: LotInput,
  place: PlaceInput,
  planting: PlantingInput,
};
