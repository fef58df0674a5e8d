import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Refused, type Answered, type Draft } from './client';
import * as entries from './entries';
import { refresh } from './keys';
import { openOutbox, send } from './outbox';

const draft = (id: string) => ({ id, kind: 'noted' }) as unknown as Draft;
const kept = (id: string, touches: string[] | null = null) =>
  ({ entry: id, status: 'kept', touches }) as Answered;
const silence = () => new Refused('The server cannot be reached.', {}, 0);

let client: QueryClient;
const followed: string[] = [];

beforeEach(() => {
  vi.useFakeTimers();
  followed.length = 0;
  client = new QueryClient();
  openOutbox(client, (touches) => void followed.push(touches?.join(' ') ?? 'anything'));
});

afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

describe('what is recorded', () => {
  it('is sent in the order in which it was pressed, however long the first takes', async () => {
    const sent: string[] = [];
    let silent = 3;
    const go = async ({ id }: Draft) => {
      sent.push(id);
      if (id === 'a' && silent-- > 0) throw silence();
      return kept(id, [id]);
    };
    vi.spyOn(entries, 'recordOnce').mockImplementation(go);
    vi.spyOn(entries, 'strike').mockImplementation(async (_, id) => go(draft(id)));
    const both = Promise.all([
      send(client, { title: 'a', drafts: [draft('a')] }),
      send(client, { title: 'b', strikes: { entry: 'a', id: 'b' } }),
    ]);
    await vi.advanceTimersByTimeAsync(20_000);
    await both;
    expect(sent).toEqual(['a', 'a', 'a', 'a', 'b']);
    expect(followed).toEqual(['a b']);
  });

  it('goes together with what waits behind it, and what follows is done once', async () => {
    const each = vi
      .spyOn(entries, 'recordEach')
      .mockImplementation(async (drafts) => drafts.map(({ id }) => kept(id, [`of ${id}`])));
    const once = vi.spyOn(entries, 'recordOnce');
    const answers = await Promise.all(
      ['a', 'b', 'c'].map((id) => send(client, { title: id, drafts: [draft(id)] })),
    );
    expect(answers.map(({ entry }) => entry)).toEqual(['a', 'b', 'c']);
    expect(each.mock.calls.map(([drafts]) => drafts.map(({ id }) => id))).toEqual([['a', 'b', 'c']]);
    expect(once).not.toHaveBeenCalled();
    expect(followed).toEqual(['of a of b of c']);
  });

  it('is sent by itself where it was not kept with the others, and hears why', async () => {
    vi.spyOn(entries, 'recordEach').mockImplementation(async (drafts) =>
      drafts.map(({ id }) => (id === 'b' ? { ...kept(id), status: 'refused' as const } : kept(id))),
    );
    const alone = vi.spyOn(entries, 'recordOnce').mockRejectedValue(new Refused('No.', {}, 422));
    const [a, b, c] = await Promise.allSettled(
      ['a', 'b', 'c'].map((id) => send(client, { title: id, drafts: [draft(id)] })),
    );
    expect([a?.status, b?.status, c?.status]).toEqual(['fulfilled', 'rejected', 'fulfilled']);
    expect(alone.mock.calls.map(([{ id }]) => id)).toEqual(['b']);
  });

  it('is tried again together where nobody answers', async () => {
    let silent = 2;
    const each = vi.spyOn(entries, 'recordEach').mockImplementation(async (drafts) => {
      if (silent-- > 0) throw silence();
      return drafts.map(({ id }) => kept(id));
    });
    const both = Promise.all(['a', 'b'].map((id) => send(client, { title: id, drafts: [draft(id)] })));
    await vi.advanceTimersByTimeAsync(20_000);
    await both;
    expect(each).toHaveBeenCalledTimes(3);
  });

  it('does not hold up what was pressed behind it when it is refused', async () => {
    vi.spyOn(entries, 'recordEach').mockRejectedValue(new Refused('None of it.', {}, 422));
    vi.spyOn(entries, 'recordOnce').mockImplementation(async ({ id }) => {
      if (id === 'a') throw new Refused('No.', {}, 422);
      return kept(id, [id]);
    });
    const first = send(client, { title: 'a', drafts: [draft('a')] });
    const second = send(client, { title: 'b', drafts: [draft('b')] });
    await expect(first).rejects.toThrow('No.');
    await expect(second).resolves.toMatchObject({ entry: 'b' });
    expect(followed).toEqual(['b']);
  });

  it('is several at once, all or none, or a strike', async () => {
    const all = vi.spyOn(entries, 'recordAll').mockResolvedValue(kept('a'));
    const struck = vi.spyOn(entries, 'strike').mockResolvedValue(kept('s'));
    await send(client, { title: 'both', drafts: [draft('a'), draft('b')] });
    await send(client, { title: 'strike', strikes: { entry: 'e', id: 's' } });
    expect(all.mock.calls[0]?.[0].map(({ id }) => id)).toEqual(['a', 'b']);
    expect(struck).toHaveBeenCalledWith('e', 's');
    await expect(send(client, { title: 'nothing' })).rejects.toThrow('nothing to record');
  });
});

describe('an answer', () => {
  const stale = () =>
    client
      .getQueryCache()
      .getAll()
      .filter(({ state }) => state.isInvalidated)
      .map(({ queryKey }) => queryKey.slice(0, 2).join(' '));

  beforeEach(() => {
    for (const key of [
      ['lot', 'L1', undefined],
      ['lot', 'L2', undefined],
      ['today', undefined],
      ['frame', undefined],
      ['journal', undefined],
    ])
      client.setQueryData(key, {});
  });

  it('that touches one thing alone has only that asked for anew, and what shows its words', async () => {
    await refresh(client, ['L1']);
    expect(stale().sort()).toEqual(['journal ', 'lot L1']);
  });

  it('that may touch anything has everything asked for anew', async () => {
    await refresh(client, null);
    expect(stale()).toHaveLength(5);
  });
});
