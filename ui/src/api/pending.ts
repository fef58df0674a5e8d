import type { Draft } from './client';
import { useResumed, type Waiting } from './outbox';

/** A planting or a lot that begins with something that waits to be sent: it has an id, and no code yet. */
export type Unborn = {
  id: string;
  subject: Draft['about']['subject'];
  title: string;
  /** what it begins with: its variety, the planting that it is picked from, or the lot that it is set apart from */
  begins: NonNullable<Draft['begins']>;
};

const draftsOf = ({ error, drafts }: Waiting) => (error === null ? drafts : []);

/** What begins of all that waits, in the order in which it was pressed. */
export const unbornOf = (waiting: Waiting[]): Unborn[] =>
  waiting.flatMap((one) =>
    draftsOf(one).flatMap(({ about, begins }) =>
      begins === undefined || begins === null
        ? []
        : [{ id: about.id, subject: about.subject, title: one.title, begins }],
    ),
  );

/** What waits of one thing: of what is refused one is told elsewhere. */
export const waitingOf = (waiting: Waiting[], id: string): Waiting[] =>
  waiting.filter((one) => draftsOf(one).some(({ about }) => about.id === id));

export const useUnborn = (): Unborn[] => unbornOf(useResumed());

export const useWaitingOf = (id: string): Waiting[] => waitingOf(useResumed(), id);

/** Where a thing that waits is looked at. */
export const unbornPage = (id: string) => `/waits/${id}`;
