/** A moment by the clock of this device, as garden time is written: "2026-09-14T18:30". */
export const clockAt = (moment: Date): string =>
  new Date(moment.getTime() - moment.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
