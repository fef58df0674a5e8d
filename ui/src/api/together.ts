import type { Answered, Draft } from './client';
import { mayPass } from './client';
import { recordEach } from './entries';

/** So many go in one request: as many as the server keeps in one turn. */
const MOST = 50;

/** ms within which what follows from many answers is done once. */
const GATHER = 400;

/** What waits, as far as it matters here. */
type One = { press: string; by?: string; drafts?: Draft[]; act?: string; line?: unknown; strikes?: unknown };

const isSingle = ({ drafts, act, line, strikes }: One): boolean =>
  drafts?.length === 1 && act === undefined && line === undefined && strikes === undefined;

/** What was kept together with something before it, by its press: it need not be sent again. */
const kept = new Map<string, Answered>();

export function keptBefore(press: string): Answered | undefined {
  const answer = kept.get(press);
  kept.delete(press);
  return answer;
}

/**
 * Sends what waits behind one together with it, as far as that is as simple: a walk's worth of entries is not two hundred
 * requests. What is not kept so is sent by itself when its turn comes, and hears why then.
 *
 * @param behind what waits, in order
 * @throws Refused where the server cannot be reached
 */
export async function sendTogether(first: One, behind: One[]): Promise<void> {
  const until = behind.findIndex((one) => !isSingle(one) || one.by !== first.by);
  const all = [first, ...(until === -1 ? behind : behind.slice(0, until))].slice(0, MOST);
  if (!isSingle(first) || all.length === 1) return;
  try {
    const answers = await recordEach(all.flatMap(({ drafts }) => drafts ?? []));
    for (const [i, answer] of answers.entries()) {
      const press = all[i]?.press;
      if (press !== undefined && answer.status === 'kept') kept.set(press, answer);
    }
  } catch (error) {
    if (error instanceof Error && mayPass(error)) throw error;
  }
}

/** Does what follows from answers: of one at once, of several that come after one another for all of them. */
export function gathering(follow: (touches: string[] | null) => void) {
  let touched: string[] | null = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  const flush = () => {
    clearTimeout(timer);
    timer = undefined;
    const all = touched;
    touched = [];
    follow(all);
  };
  return ({ touches }: Answered, isMore: boolean) => {
    touched = touched === null || touches === null || touches === undefined ? null : [...touched, ...touches];
    if (!isMore) flush();
    else timer ??= setTimeout(flush, GATHER);
  };
}
