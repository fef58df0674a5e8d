import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Draft, Entry } from '../api/client';
import { useStrike } from '../api/outbox';
import { useLook } from '../api/look';
import { useSpoken } from '../kit/spoken';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';
import { RecordForm } from './RecordForm';
import { WaitingLines } from './WaitingLines';
import { pageOfCode } from './things';

type Subject = Draft['about'];

/** The journal of one thing, newest first. Nothing is ever gone: a struck entry stays, struck through. */
export function JournalLines({ entries, about }: { entries: Entry[]; about: Subject }) {
  const [all, setAll] = useState(false);
  const shown = all ? entries : entries.slice(0, 8);
  return (
    <>
      <WaitingLines of={about.id} />
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {shown.map((entry) => (
          <Line key={entry.id} entry={entry} about={about} />
        ))}
      </Box>
      {entries.length > shown.length && (
        <Button sx={{ mt: 1 }} onClick={() => setAll(true)}>
          {entries.length - shown.length} older
        </Button>
      )}
    </>
  );
}

export function EntryWords({ entry }: { entry: Entry }) {
  const { moment } = useSpoken();
  const { at } = useLook();
  return (
    <Box sx={{ flex: 1, minWidth: 0 }}>
      <Box
        component={entry.struck ? 's' : 'span'}
        sx={(t) => ({ color: entry.struck ? t.vars?.palette.text.secondary : undefined })}
      >
        <b>{entry.title}</b>
        {entry.figures !== '' && `: ${entry.figures}`}
      </Box>
      <Box component="span" sx={(t) => ({ display: 'block', color: t.vars?.palette.text.secondary })}>
        {moment(entry.happened_at)}
        {entry.by !== '' && `, ${entry.by}`}
        {entry.elsewhere !== null && (
          <>
            , recorded of <Link to={at(pageOfCode(entry.elsewhere))}>{entry.elsewhere}</Link>
          </>
        )}
        {entry.struck && ', struck: nothing is reckoned from it'}
        {entry.agrees && !entry.struck && ', said once more'}
        {entry.was !== null && `, corrected; it said: ${entry.was}`}
      </Box>
      {entry.adrift !== null && !entry.struck && (
        <Box sx={(t) => ({ color: t.vars?.palette.caution.main })}>
          Kept, but nothing is reckoned from it: {entry.adrift}
        </Box>
      )}
    </Box>
  );
}

function Line({ entry, about }: { entry: Entry; about: Subject }) {
  const { moment } = useSpoken();
  const [correcting, setCorrecting] = useState(false);
  const strike = useStrike();
  const say = useSay();
  const { on } = useLook();
  const press = async () => {
    try {
      const done = await strike.mutateAsync({
        entry: entry.strike ?? entry.id,
        title: `${entry.struck ? 'Bring back' : 'Strike'}: ${entry.title.toLowerCase()}`,
      });
      say(
        entry.struck
          ? `Brought back: ${entry.title.toLowerCase()}`
          : `Struck: ${entry.title.toLowerCase()}. Everything follows.`,
        done.entry,
        !entry.struck,
      );
    } catch (error) {
      say(error instanceof Error ? error.message : 'That could not be done.');
    }
  };
  if (correcting) {
    return (
      <Box component="li" sx={(t) => ({ border: `2px solid ${t.vars?.palette.rule}`, p: 2, my: 1 })}>
        <Box component="h3" sx={{ typography: 'h3', m: 0 }}>
          Correct: {entry.title.toLowerCase()}
        </Box>
        <RecordForm
          happening={{
            kind: entry.kind,
            title: entry.title,
            fields: entry.fields,
            cautions: [],
            about,
            corrects: { id: entry.id, at: entry.happened_at, payload: entry.payload },
          }}
          onDone={() => setCorrecting(false)}
          onCancel={() => setCorrecting(false)}
        />
      </Box>
    );
  }
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'flex',
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        gap: 1,
        alignItems: 'start',
        py: 0.75,
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        '&:first-of-type': { borderTop: 0 },
      })}
    >
      <EntryWords entry={entry} />
      <Waiting write={strike} typed={false} />
      {on === undefined && !entry.struck && entry.elsewhere === null && (
        <Button
          variant="text"
          onClick={() => setCorrecting(true)}
          aria-label={`Correct: ${entry.title}, ${moment(entry.happened_at)}`}
        >
          Correct
        </Button>
      )}
      {on === undefined && entry.elsewhere === null && (
        <Button
          variant="text"
          onClick={() => void press()}
          disabled={strike.isPending}
          aria-label={`${entry.struck ? 'Bring back' : 'Strike'}: ${entry.title}, ${moment(entry.happened_at)}`}
        >
          {entry.struck ? 'Bring back' : 'Strike'}
        </Button>
      )}
    </Box>
  );
}
