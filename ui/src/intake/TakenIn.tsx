import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../api/client';
import { afterwards, useIntake, useWrite } from '../api/queries';
import { Coming } from '../kit/Coming';
import { useSay } from '../kit/Said';
import { Caution, Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';

/** What came in as one, what follows from it at once, and the way to take it back. */
export function TakenIn({ id }: { id: string }) {
  const act = useIntake(id);
  const say = useSay();
  const [asking, setAsking] = useState(false);
  const back = useWrite(() =>
    take(api.POST('/intakes/{id}/take-back', { params: { path: { id } }, body: { even_so: true } })),
  );
  if (act.error !== null) return <Trouble>{act.error.message}</Trouble>;
  if (act.data === undefined) return <Coming lines={6} height={44} />;
  const { title, said, follows, taken_back: takenBack, loses } = act.data;
  return (
    <Box sx={{ maxWidth: 1100 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
        {title}
      </Box>
      <p style={{ margin: '4px 0 12px' }}>{said}</p>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
        <Button variant="contained" component={Link} to="/store">
          To the store
        </Button>
        <Button component={Link} to="/store/stock">
          Take in more
        </Button>
        {!takenBack && (
          <Button variant="text" onClick={() => setAsking(true)}>
            Take all of it back
          </Button>
        )}
      </Box>
      {asking && !takenBack && (
        <Box role="group" aria-label="Take all of it back">
          <Caution>
            {loses !== '' ? `${loses} ` : ''}
            {act.data.lots === 1 ? 'The lot goes' : `All ${act.data.lots} lots go`} again, as if nothing had
            been written down; the journal shows that it was, struck through. Names of varieties and places
            that came with it stay.
          </Caution>
          {back.error !== null && <Trouble>{back.error.message}</Trouble>}
          <Waiting write={back} typed={false} />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button
              variant="contained"
              disabled={back.isPending}
              onClick={() =>
                void afterwards(back.mutateAsync(undefined), () => {
                  say('Taken back. It stays in the journal, struck through.');
                  setAsking(false);
                })
              }
            >
              Take all of it back
            </Button>
            <Button variant="text" onClick={() => setAsking(false)}>
              Cancel
            </Button>
          </Box>
        </Box>
      )}
      <Box sx={{ display: 'grid', gap: 3, mt: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
        {follows.map((group) => (
          <Box component="section" key={group.title} aria-label={group.title} sx={{ minWidth: 0 }}>
            <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
              {group.title}
            </Box>
            <p style={{ margin: '4px 0 8px', maxWidth: '40em' }}>{group.advice}</p>
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
              {group.lots.map((lot) => (
                <Box
                  component="li"
                  key={lot.code}
                  sx={(t) => ({
                    borderTop: `1px solid ${t.vars?.palette.quiet}`,
                    py: 0.5,
                    display: 'flex',
                    gap: 1,
                    flexWrap: 'wrap',
                  })}
                >
                  <Box component={Link} to={`/lots/${lot.code}`} sx={{ color: 'inherit', fontWeight: 700 }}>
                    {lot.code} {lot.name}
                  </Box>
                  <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
                    {lot.why}
                  </Box>
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
