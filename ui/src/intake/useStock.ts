import { useCallback, useEffect, useRef, useState } from 'react';
import { v7 } from 'uuid';
import { api, take, type IntakeLine } from '../api/client';
import type { Cells, StockLine } from './lines';

const NAME = 'draft:stock';

/** Lines that the server reads at once. */
const READ = 250;

export type Air = { temperature: string; rh: string };

/** What is typed of the cupboard and not yet kept: it survives the browser being shut, and goes when it has been kept. */
export type Stock = {
  id: string;
  title: string;
  lines: StockLine[];
  units: Record<string, string>;
  unmarked: 'unknown' | 'open_pollinated';
  airs: Record<string, Air>;
  entry: Cells;
};

const fresh = (): Stock => ({
  id: v7(),
  title: '',
  lines: [],
  units: {},
  unmarked: 'unknown',
  airs: {},
  entry: {},
});

export function useStock() {
  const [stock, setStock] = useState<Stock>(() => {
    const kept = localStorage.getItem(NAME);
    return kept === null ? fresh() : { ...fresh(), ...(JSON.parse(kept) as Partial<Stock>) };
  });
  useEffect(() => {
    try {
      if (stock.lines.length === 0 && Object.keys(stock.entry).length === 0) localStorage.removeItem(NAME);
      else localStorage.setItem(NAME, JSON.stringify(stock));
    } catch {
      // More than the browser keeps: it is still there as long as the page is.
    }
  }, [stock]);
  const set = useCallback(
    (change: Partial<Stock> | ((was: Stock) => Partial<Stock>)) =>
      setStock((was) => ({ ...was, ...(typeof change === 'function' ? change(was) : change) })),
    [],
  );
  const clear = useCallback(() => setStock((was) => ({ ...fresh(), unmarked: was.unmarked })), []);
  return { stock, set, clear };
}

/** What the server understands of each line; lines that were changed are read again. */
export function useRead(stock: Stock) {
  const [read, setRead] = useState<ReadonlyMap<string, IntakeLine>>(new Map());
  const [trouble, setTrouble] = useState<Error | null>(null);
  const asked = useRef(new Map<string, string>());
  const { lines, units, unmarked } = stock;
  useEffect(() => {
    const mark = (line: StockLine) => JSON.stringify([line.cells, units, unmarked]);
    const wanted = lines.filter((line) => asked.current.get(line.id) !== mark(line));
    if (wanted.length === 0) return;
    let gone = false;
    void (async () => {
      for (let at = 0; at < wanted.length && !gone; at += READ) {
        const some = wanted.slice(at, at + READ);
        try {
          const answers = await take(api.POST('/intake/read', { body: { lines: some, units, unmarked } }));
          if (gone) return;
          some.forEach((line) => asked.current.set(line.id, mark(line)));
          setTrouble(null);
          setRead((was) => new Map([...was, ...answers.map((line) => [line.line, line] as const)]));
        } catch (error) {
          setTrouble(error as Error);
          return;
        }
      }
    })();
    return () => {
      gone = true;
    };
  }, [lines, units, unmarked]);
  return { read, trouble };
}
