import type { Draft, FieldDeclared, ManyOffer } from '../api/client';
import { sentOf, startOf, type Value } from '../kit/fields';
import type { Values } from '../kit/FieldGrid';

const figures = new Set(['number', 'integer', 'share']);

export type Asked = {
  /** asked once, of all */
  once: FieldDeclared[];
  /** asked of each by itself, one after the other */
  each: FieldDeclared[];
  /** what may be asked of each as well, where it is not the same of all */
  may: FieldDeclared[];
};

/**
 * How a form for many asks: what each thing has its own of (what it weighs, how many there are) is asked of each, all else
 * once. Figures that may be the same of all or not, such as what was read of several jars, are asked once until somebody says
 * that they differ.
 */
export function askedOf({ offer }: ManyOffer, differ: boolean): Asked {
  const shown = offer.fields.filter(({ hidden }) => !hidden);
  const must = (field: FieldDeclared) => field.own && field.required && field.usual === null;
  const may = shown.filter((field) => !must(field) && (field.own || figures.has(field.type)));
  return {
    // What each has its own of cannot be the same of all: it is left out, or asked of each.
    once: shown.filter(
      (field) => !must(field) && !(may.includes(field) && differ) && !(field.own && field.usual === null),
    ),
    each: shown.filter((field) => must(field) || (differ && may.includes(field))),
    may,
  };
}

/** The usual values of one of many, by field, where each has another. */
export const ownOf = ({ own }: ManyOffer, id: string): Record<string, string | null> =>
  Object.fromEntries(own.filter(({ of }) => of === id).map(({ key, usual }) => [key, usual]));

/** What a field of one of many holds before anything is typed into it. */
export const startOfOne = (field: FieldDeclared, own: Record<string, string | null>): Value =>
  startOf(field.key in own ? { ...field, usual: own[field.key] ?? null } : field);

/** A choice that is another for each may stay so. */
export const AS_EACH = { key: '', label: 'each as it is' };

export const withAsEach = (field: FieldDeclared, { own }: ManyOffer): FieldDeclared =>
  field.type === 'choice' && own.some(({ key }) => key === field.key)
    ? { ...field, options: [AS_EACH, ...field.options] }
    : field;

/**
 * What is sent of one of many.
 *
 * @param once what was typed once, of all
 * @param each what was typed of this one
 * @param made the id of what begins with it
 */
export function payloadOf(
  many: ManyOffer,
  id: string,
  asked: Asked,
  once: Values,
  each: Values,
  made: string,
): Draft['payload'] {
  const own = ownOf(many, id);
  return Object.fromEntries(
    many.offer.fields
      .map((field): [string, unknown] => {
        const start = startOfOne(field, own);
        const isOnce = asked.once.includes(field);
        const typed = isOnce ? once[field.key] : asked.each.includes(field) ? each[field.key] : undefined;
        // What was asked once and left as it stood is of each what is usual of it.
        const value =
          typed === undefined || (isOnce && String(typed) === String(startOf(field))) ? start : typed;
        return [field.key, field.type === 'id' && value === '' ? made : sentOf(field, value)];
      })
      .filter(
        ([key, value]) =>
          value !== '' || many.offer.fields.some((field) => field.key === key && !field.hidden),
      ),
  ) as Draft['payload'];
}
