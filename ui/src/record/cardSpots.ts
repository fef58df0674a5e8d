export type SpotState = 'dry' | 'between' | 'damp';

/** The last damp spot and the first dry one, by their place on the card; −1 where none is damp, the count where none is dry. */
export type Reading = { damp: number; dry: number };

export const readingOf = (spots: number[], dampTo: string, dryFrom: string): Reading | null =>
  dampTo.trim() === '' && dryFrom.trim() === ''
    ? null
    : {
        damp: dampTo.trim() === '' ? -1 : spots.filter((spot) => spot <= Number(dampTo)).length - 1,
        dry: dryFrom.trim() === '' ? spots.length : spots.filter((spot) => spot < Number(dryFrom)).length,
      };

export const stateOf = (reading: Reading | null, spot: number): SpotState | null =>
  reading === null ? null : spot <= reading.damp ? 'damp' : spot >= reading.dry ? 'dry' : 'between';

/** After a tap on a spot: dry, between, damp and dry again; those below are never drier, those above never damper. */
export function tapped(reading: Reading | null, spot: number): Reading {
  switch (stateOf(reading, spot)) {
    // What is tapped first is the one that is neither.
    case null:
      return { damp: spot - 1, dry: spot + 1 };
    case 'dry':
      return { damp: reading?.damp ?? -1, dry: spot + 1 };
    case 'between':
      return { damp: spot, dry: Math.max(reading?.dry ?? 0, spot + 1) };
    case 'damp':
      return { damp: spot - 1, dry: spot };
  }
}

/** As the two fields hold it. */
export const typedOf = (spots: number[], { damp, dry }: Reading): { damp_to: string; dry_from: string } => ({
  damp_to: damp < 0 ? '' : String(spots[damp] ?? ''),
  dry_from: dry >= spots.length ? '' : String(spots[dry] ?? ''),
});
