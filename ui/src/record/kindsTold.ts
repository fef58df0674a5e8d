import type { Draft, Kinds, Offer } from '../api/client';
import type { Waiting } from '../api/outbox';

type Subject = Draft['about']['subject'];

/** Whether a new lot begins with it, of a planting or a lot that stands. */
const isPicked = (kind: Kinds['kinds'][number], subject: Subject) => kind.starts && kind.from === subject;

/** The id that an earlier entry made, as far as it waits itself. */
const madeBy = (waiting: Waiting[], key: string): string | undefined =>
  waiting
    .flatMap(({ drafts }) => drafts)
    .flatMap(({ payload }) => {
      const made = (payload as Record<string, unknown>)[key];
      return typeof made === 'string' ? [made] : [];
    })
    .at(-1);

/**
 * What can be told of a thing that nobody here knows how it stands: everything of its sort, but what is offered already.
 *
 * @param crop key of its crop, for the cautions; none where it is not known
 * @param waiting what waits of it
 */
export function tellable(
  { kinds, cautions }: Kinds,
  subject: Subject,
  crop: string | undefined,
  waiting: Waiting[],
  offered: Offer[] = [],
): Offer[] {
  return kinds.flatMap((kind) => {
    const { offer, needs } = kind;
    if (offered.some((one) => one.kind === offer.kind)) return [];
    if (!(isPicked(kind, subject) || (kind.of.includes(subject) && !kind.starts))) return [];
    const id = needs === null ? undefined : madeBy(waiting, needs);
    if (needs !== null && id === undefined) return [];
    return [
      {
        ...offer,
        fields: offer.fields.map((field) =>
          field.key === needs && id !== undefined ? { ...field, usual: id } : field,
        ),
        cautions: cautions
          .filter(({ kind, crops }) => kind === offer.kind && crop !== undefined && crops.includes(crop))
          .map(({ says }) => says),
      },
    ];
  });
}
