import Box from '@mui/material/Box';
import OutlinedInput from '@mui/material/OutlinedInput';
import Typography from '@mui/material/Typography';
import { Link, useSearchParams } from 'react-router';
import type { Reckoning } from '../../api/client';
import { useReckonings } from '../../api/queries';
import { Empty, Trouble } from '../../kit/Section';
import { byLikeness } from './find';

/** Every question the application can answer on the spot, found by typing what one wants to know. */
export function ReckonerList() {
  const reckonings = useReckonings();
  const [params, setParams] = useSearchParams();
  const find = params.get('find') ?? '';
  const all = reckonings.data ?? [];
  const found = byLikeness(all, find);
  const families = [...new Set(all.map(({ family }) => family))];
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        Quick reckoners
      </Typography>
      <OutlinedInput
        fullWidth
        placeholder="What do you want to know?"
        value={find}
        onChange={(event) =>
          setParams(
            (now) => {
              const next = new URLSearchParams(now);
              if (event.target.value === '') next.delete('find');
              else next.set('find', event.target.value);
              return next;
            },
            { replace: true },
          )
        }
        inputProps={{ 'aria-label': 'What do you want to know?' }}
      />
      {reckonings.error !== null && <Trouble>{reckonings.error.message}</Trouble>}
      {find.trim() !== '' && reckonings.data !== undefined && found.length === 0 && (
        <Empty>No question like that. Try a single word of it: dry, sow, test, cross, years.</Empty>
      )}
      {find.trim() !== '' ? (
        <Questions questions={found} />
      ) : (
        families.map((family) => (
          <Box component="section" key={family} sx={{ mt: 2.5 }}>
            <Typography variant="h2">{family}</Typography>
            <Questions questions={all.filter((r) => r.family === family)} />
          </Box>
        ))
      )}
    </Box>
  );
}

function Questions({ questions }: { questions: Reckoning[] }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 0.5, p: 0 }}>
      {questions.map(({ name, question }) => (
        <Box component="li" key={name} sx={(t) => ({ borderBottom: `1px solid ${t.vars?.palette.quiet}` })}>
          <Box
            component={Link}
            to={`/books/reckoners/${name}`}
            sx={(t) => ({
              display: 'flex',
              alignItems: 'center',
              minHeight: 48,
              color: 'inherit',
              textDecoration: 'none',
              px: 1,
              mx: -1,
              '&:hover': { bgcolor: t.vars?.palette.quiet },
            })}
          >
            {question}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
