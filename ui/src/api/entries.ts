import { v7 } from 'uuid';
import { api, Refused, silent, type Answered, type Draft } from './client';

/** Something that was heard with a question: it is kept when it is sent again and said to be so all the same. */
export class Asked extends Refused {
  constructor(
    readonly questions: string[],
    fields: Record<string, string>,
    draft?: string,
  ) {
    super(questions.join(' '), fields, 422, draft);
  }
}

/** Records one thing that happened; throws Asked or Refused where it was not kept. */
export function record(draft: Draft): Promise<Answered> {
  return answered(api.POST('/entries', { body: { drafts: [draft] } }));
}

/** Records several things that happened, all of them or none. */
export async function recordAll(drafts: Draft[]): Promise<Answered> {
  return answered(api.POST('/entries', { body: { drafts, all: true } }));
}

/** Records several, each by itself, in order. @returns what became of each */
export async function recordEach(drafts: Draft[]): Promise<Answered[]> {
  const { data, error, response } = await api.POST('/entries', { body: { drafts } }).catch(silent);
  const { answers } = (data ?? error ?? {}) as { answers?: Answered[] };
  if (answers === undefined) throw Refused.of(response, error);
  return answers;
}

/**
 * Records what may have been sent before. Where it was kept then, though nobody heard so, and has been changed since, what
 * was kept is corrected.
 */
export async function recordOnce(draft: Draft): Promise<Answered> {
  try {
    return await record(draft);
  } catch (error) {
    if (!(error instanceof Refused && error.status === 409)) throw error;
    return record({ ...draft, id: v7(), replaces: draft.id });
  }
}

/** Strikes an entry, or the strike of one. */
export function strike(entry: string, id: string): Promise<Answered> {
  return answered(api.POST('/entries/{entry}/strike', { params: { path: { entry } }, body: { id } }));
}

type Answers = { answers: Answered[]; said: string; act: string | null };

/**
 * Records what is done to many things at once: what is kept of it is one act, and goes by its id.
 *
 * @param all all of it or none; else each by itself
 */
export async function recordAtOnce(drafts: Draft[], act: string, all: boolean): Promise<Answered> {
  const { data, error, response } = await api.POST('/entries', { body: { drafts, act, all } }).catch(silent);
  const { message, answers } = (data ?? error ?? {}) as Partial<Answers> & { message?: string };
  if (answers === undefined) throw Refused.of(response, error);
  if (data === undefined) throw new NoneKept(message ?? '', response.status, answers);
  return { ...asOne(data), answers };
}

/** Of what was sent to many at once nothing was kept. */
export class NoneKept extends Refused {
  constructor(
    message: string,
    status: number,
    readonly answers: Answered[],
  ) {
    super(message, {}, status);
  }
}

/** What was done to many is said, and taken back, as one. */
function asOne({ answers, said, act }: Answers): Answered {
  const kept = answers.filter(({ status }) => status === 'kept');
  const [first] = kept;
  if (first === undefined) throw new Refused('Nothing was kept.', {}, 422);
  if (act === null) return first;
  const touches = kept.some(({ touches }) => (touches ?? null) === null)
    ? null
    : kept.flatMap(({ touches }) => touches ?? []);
  return { ...first, entry: act, said, adrift: null, touches };
}

async function answered(
  asked: Promise<{ data?: Answers; error?: unknown; response: Response }>,
): Promise<Answered> {
  const { data, error, response } = await asked.catch(silent);
  const body = (data ?? error ?? {}) as { message?: string; answers?: Answered[] };
  // Of several that were sent together the one that was not kept is what there is to say.
  const answer = body.answers?.find(({ status }) => status !== 'kept') ?? body.answers?.[0];
  if (answer === undefined) throw Refused.of(response, error);
  if (answer.status === 'kept') return data === undefined ? answer : asOne(data);
  if (answer.status === 'asked') throw new Asked(answer.questions, answer.errors, answer.entry);
  throw new Refused(answer.message, answer.errors, response.status, answer.entry);
}
