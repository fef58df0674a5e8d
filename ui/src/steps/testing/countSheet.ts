import type { Draft, Test } from '../../api/client';

/** What is written in one day's part of the sheet: the day, and what is new in each dish. */
export type Column = { day: string; up: string[]; dead: string[] };

/** A part for each day on which nothing was counted yet; after the last of them the test is counted no more. */
export function columnsOf(test: Pick<Test, 'looks' | 'counts' | 'replicates'>): Column[] {
  const last = Math.max(-1, ...test.counts.map(({ day }) => day));
  const none = Array.from({ length: test.replicates }, () => '');
  return test.looks
    .filter((day) => day > last)
    .map((day) => ({ day: String(day), up: [...none], dead: [...none] }));
}

const isBlank = ({ up, dead }: Column) => [...up, ...dead].every((cell) => cell.trim() === '');

const figure = (cell: string) => (cell.trim() === '' ? 0 : Number(cell));

/** What of a part cannot be: said at it. */
export function faultOf(column: Column): string | undefined {
  if (isBlank(column)) return undefined;
  if (!/^\d{1,3}$/.test(column.day.trim())) return 'Say on which day, counted from the first.';
  const odd = [...column.up, ...column.dead].find((cell) => !/^\d{0,5}$/.test(cell.trim()));
  return odd === undefined ? undefined : `“${odd}” is no count.`;
}

/** The moment of a day of the test, in the morning; of its first day the moment it began. */
export function momentOf(began: string, day: number): string {
  if (day === 0) return began.slice(0, 16);
  const [year = 0, month = 1, date = 1] = began.slice(0, 10).split('-').map(Number);
  return `${new Date(Date.UTC(year, month - 1, date + day)).toISOString().slice(0, 10)}T09:00`;
}

/**
 * A count for each part in which something is written; where only some dishes are, in the others nothing was new.
 *
 * @param idOf the id of the entry of a part, the same however often it is sent
 */
export const draftsOf = (
  test: Pick<Test, 'id' | 'began'>,
  lot: string,
  columns: Column[],
  idOf: (index: number) => string,
): { index: number; draft: Draft }[] =>
  columns.flatMap((column, index) =>
    isBlank(column)
      ? []
      : [
          {
            index,
            draft: {
              id: idOf(index),
              kind: 'test_counted',
              about: { subject: 'lot' as const, id: lot },
              happened_at: momentOf(test.began, Number(column.day)),
              payload: {
                test: test.id,
                normal: column.up.map(figure),
                abnormal: column.dead.map(figure),
              } as unknown as Draft['payload'],
              even_so: false,
            },
          },
        ],
  );
