import { beforeEach, describe, expect, it, vi } from 'vitest';

/** A browser's store of one tab. */
const store = () => {
  const kept = new Map<string, string>();
  return new Proxy(
    {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
      removeItem: (key: string) => void kept.delete(key),
    } as unknown as Storage,
    {
      ownKeys: () => [...kept.keys()],
      getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
    },
  );
};

beforeEach(() => {
  vi.resetModules();
  vi.stubGlobal('sessionStorage', store());
});

describe('what was typed and not kept', () => {
  it('is listed by what it is and where one goes on with it; what is spoilt or of an older page is not there', async () => {
    sessionStorage.setItem(
      'draft:a',
      JSON.stringify({ id: '1', values: {}, title: 'Note, L7', at: '/store/L7' }),
    );
    sessionStorage.setItem('draft:b', '{"id": "2", "val');
    sessionStorage.setItem('draft:c', JSON.stringify({ id: '3', values: {} }));
    sessionStorage.setItem('other', JSON.stringify({ id: '4', values: {}, title: 'x', at: '/' }));
    const { unsentNow, drop } = await import('./draft');
    expect(unsentNow()).toEqual([{ name: 'draft:a', title: 'Note, L7', at: '/store/L7' }]);
    drop('draft:a');
    expect(unsentNow()).toEqual([]);
    expect(sessionStorage.getItem('draft:a')).toBeNull();
  });
});
