/** A number as it is written of what nobody counted one by one: "about 12", "~12", "12 or so", "12+". */
const BEFORE = /^(?:~|≈|±|about|approximately|approx\.?|circa|ca\.?|around|roughly|some)\s*/i;
const AFTER = /\s*(?:\+|or so|roughly|approx\.?)$/i;

/** What was typed without the words that make it rough, and whether there were any; what is no number is left to be refused. */
export function roughly(typed: string): { seeds: string; about: boolean } {
  const trimmed = typed.trim();
  const seeds = trimmed.replace(BEFORE, '').replace(AFTER, '');
  return { seeds, about: seeds !== trimmed };
}
