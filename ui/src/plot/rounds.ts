import type { Round } from '../api/client';

/** The walks through the garden, for a phone or on paper. */
export const rounds: Record<Round['which'], string> = {
  evening: 'This evening',
  morning: 'The morning',
  'looking-over': 'Looking over',
  ripeness: 'Ripe or not',
};
