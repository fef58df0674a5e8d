import type { Kinds } from '../api/client';
import type { Value } from '../kit/fields';

type Check = Kinds['kinds'][number]['checks'][number];

/** A bare figure; what else people write for one only the server reads. */
const BARE = /^[+-]?\d+(?:[.,]\d+)?$/;

function saidOf({ lacking, least, most, outside }: Check, typed: string): string | undefined {
  if (typed === '') return lacking ?? undefined;
  if (least === null || most === null) return undefined;
  if (!/[\d½¼¾⅓⅔⅛⅜⅝⅞]/.test(typed)) return outside;
  if (!BARE.test(typed)) return undefined;
  const figure = Number(typed.replace(',', '.'));
  return figure < least || figure > most ? outside : undefined;
}

/**
 * What is wrong with what was typed, as far as the fields themselves can say: for where nobody else can be asked.
 *
 * @returns by field
 */
export function wrongWith(
  kinds: Kinds['kinds'],
  kind: string,
  payload: Record<string, unknown>,
): Record<string, string> {
  const checks = kinds.find(({ offer }) => offer.kind === kind)?.checks ?? [];
  return Object.fromEntries(
    checks.flatMap((check): [string, string][] => {
      const value = (payload[check.key] ?? '') as Value;
      const typed = (Array.isArray(value) ? value : [String(value)]).map((one) => one.trim());
      const says = (typed.length === 0 ? [''] : typed)
        .map((one) => saidOf(check, one))
        .find((said) => said !== undefined);
      return says === undefined ? [] : [[check.key, says]];
    }),
  );
}
