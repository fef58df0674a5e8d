import type { Alternatives, Reckoning, ReckoningInput } from '../../api/client';

export type Typed = Record<string, string>;

/** A bare number typed for a share is per cent; everything else goes as it was typed, and the server reads it. */
export function sent(type: ReckoningInput['type'], typed: string): string {
  const text = typed.trim();
  if (type !== 'share') return text;
  const percent = Number(text.replace(',', '.'));
  return text === '' || Number.isNaN(percent) ? text : String(Number((percent / 100).toPrecision(12)));
}

/** Which way of each choice an address speaks of: the one whose inputs stand in it, else the usual one. */
export function waysIn(alternatives: Alternatives[], typed: Typed): number[] {
  return alternatives.map(({ ways }) => {
    const ours = new Set(ways.flatMap(({ inputs }) => inputs).filter((key) => (typed[key] ?? '') !== ''));
    const way = ways.findIndex(
      ({ inputs }) =>
        (ours.size > 0 || inputs.length === 0) && [...ours].every((key) => inputs.includes(key)),
    );
    return Math.max(0, way);
  });
}

/** The inputs that count, by the ways taken: the rest stays typed but is neither asked for nor sent. */
export function inputsTaken(reckoning: Reckoning, ways: number[]): (ReckoningInput & { needed: boolean })[] {
  const inWays = new Set(
    reckoning.alternatives.flatMap(({ ways: all }) => all.flatMap(({ inputs }) => inputs)),
  );
  const taken = new Set(
    reckoning.alternatives.flatMap(({ ways: all }, i) => all[ways[i] ?? 0]?.inputs ?? []),
  );
  return reckoning.inputs
    .filter(({ key }) => !inWays.has(key) || taken.has(key))
    .map((input) => ({
      ...input,
      needed: input.required || (taken.has(input.key) && input.default === null),
    }));
}

/** What is sent to the server: every input that counts and has something in it. */
export function given(inputs: ReckoningInput[], typed: Typed): Typed {
  return Object.fromEntries(
    inputs
      .map(({ key, type }): [string, string] => [key, sent(type, typed[key] ?? '')])
      .filter(([, value]) => value !== ''),
  );
}
