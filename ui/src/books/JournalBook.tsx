import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, take, type JournalPage } from '../api/client';
import { useJournal, type JournalWish } from '../api/queries';
import { DayInput } from '../kit/DayInput';
import { ChoiceInput, TextInput } from '../kit/fields';
import { SaveAs } from '../kit/SaveAs';
import type { Table } from '../kit/spreadsheet';
import { Empty, Trouble } from '../kit/Section';
import { Coming } from '../kit/Coming';
import { AllLines } from './AllLines';

/** All of it, a page after the other. */
async function wholeJournal(wish: JournalWish): Promise<Table> {
  const rows: Table = [['Happened', 'Of', 'What', 'Told', 'By', 'Struck']];
  for (let before: string | undefined = undefined; ;) {
    const page: JournalPage = await take(api.GET('/journal', { params: { query: { before, ...wish } } }));
    for (const { tag, name, entry } of page.lines)
      rows.push([
        entry.happened_at.replace('T', ' '),
        tag === null ? name : `${tag.code} ${tag.variety}, ${tag.crop}`,
        entry.title,
        entry.figures.replaceAll('\u00A0', ' '),
        entry.by,
        entry.struck ? 'yes' : '',
      ]);
    if (page.older === null) return rows;
    before = page.older;
  }
}

/** The choice of all; no name and no kind is written so. */
const ANY = '*';

const WISHES = ['by', 'kind', 'of', 'from', 'to'] as const;

/** Everything that happened, newest first. */
export function JournalBook() {
  const [params, setParams] = useSearchParams();
  const before = params.get('before') ?? undefined;
  const wish: JournalWish = Object.fromEntries(
    WISHES.flatMap((key) => (params.has(key) ? [[key, params.get(key) ?? '']] : [])),
  );
  const journal = useJournal(before, wish);
  // Each page is an address of its own, so that the browser's way back leads to the newer ones.
  const turn = (to: string | null) =>
    setParams((now) => {
      const next = new URLSearchParams(now);
      if (to === null) next.delete('before');
      else next.set('before', to);
      return next;
    });
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Typography variant="h1" sx={{ mb: 1 }}>
        The journal
      </Typography>
      <Narrow
        keepers={journal.data?.keepers ?? []}
        kinds={journal.data?.kinds ?? []}
        wish={wish}
        onWish={(next) =>
          setParams(new URLSearchParams(Object.entries(next).filter(([, value]) => value !== '')))
        }
      />
      {journal.error !== null && <Trouble>{journal.error.message}</Trouble>}
      {journal.data === undefined && journal.error === null && <Coming lines={10} height={44} />}
      {before === undefined && journal.data?.lines.length === 0 && (
        <Empty>
          {Object.keys(wish).length === 0
            ? 'Nothing has been recorded yet.'
            : 'Nothing of that was recorded.'}
        </Empty>
      )}
      {(journal.data?.lines.length ?? 0) > 0 && <SaveAs title="Journal" table={() => wholeJournal(wish)} />}
      <AllLines lines={journal.data?.lines ?? []} />
      <Box sx={{ display: 'flex', gap: 2, mt: 2 }}>
        {before !== undefined && <Button onClick={() => turn(null)}>To the newest</Button>}
        {journal.data !== undefined && journal.data.older !== null && (
          <Button onClick={() => turn(journal.data.older)}>Older</Button>
        )}
      </Box>
    </Box>
  );
}

/** By whom, what, of what and when: each narrows it. */
function Narrow({
  keepers,
  kinds,
  wish,
  onWish,
}: {
  keepers: string[];
  kinds: { key: string; label: string }[];
  wish: JournalWish;
  onWish: (wish: JournalWish) => void;
}) {
  const isWished = Object.keys(wish).length > 0;
  const [opened, setOpened] = useState(isWished);
  const [typed, setTyped] = useState<JournalWish>(wish);
  const put = (next: JournalWish) => setTyped({ ...typed, ...next });
  if (!opened)
    return (
      <Button variant="text" sx={{ mb: 1 }} onClick={() => setOpened(true)}>
        Narrow it …
      </Button>
    );
  return (
    <Box
      component="form"
      noValidate
      aria-label="Narrow the journal"
      onSubmit={(event) => {
        event.preventDefault();
        onWish(typed);
      }}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'repeat(auto-fill, minmax(180px, 1fr))' },
        gap: 1.5,
        mb: 2,
      }}
    >
      {keepers.length > 0 && (
        <ChoiceInput
          label="Recorded by"
          options={[{ key: ANY, label: 'anybody' }, ...keepers.map((name) => ({ key: name, label: name }))]}
          value={typed.by || ANY}
          onChange={(by) => put({ by: by === ANY ? '' : by })}
        />
      )}
      <ChoiceInput
        label="What"
        options={[{ key: ANY, label: 'anything' }, ...kinds]}
        value={typed.kind || ANY}
        onChange={(kind) => put({ kind: kind === ANY ? '' : kind })}
      />
      <TextInput
        label="Of"
        hint="A code, as L7 or P3"
        value={typed.of ?? ''}
        onChange={(of) => put({ of })}
      />
      <DayInput label="From" value={typed.from ?? ''} onChange={(from) => put({ from })} />
      <DayInput label="Until" value={typed.to ?? ''} onChange={(to) => put({ to })} />
      <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 1 }}>
        <Button type="submit" variant="outlined">
          Show these
        </Button>
        {isWished && (
          <Button
            variant="text"
            onClick={() => {
              setTyped({});
              onWish({});
            }}
          >
            Show all again
          </Button>
        )}
      </Box>
    </Box>
  );
}
