import Box from '@mui/material/Box';
import OutlinedInput from '@mui/material/OutlinedInput';
import Typography from '@mui/material/Typography';
import { Link, useSearchParams } from 'react-router';
import { useReckonings } from '../../api/queries';
import { Empty, Trouble } from '../../kit/Section';

/** Every question the application can answer on the spot, found by typing what one wants to know. */
export function ReckonerList() {
  const reckonings = useReckonings();
  const [params, setParams] = useSearchParams();
  const find = params.get('find') ?? '';
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const found = (reckonings.data ?? []).filter(({ name, question, source, inputs }) => {
    const text = [name, question, source, ...inputs.map(({ label }) => label)].join(' ').toLowerCase();
    return words.every((word) => text.includes(word));
  });
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
      {reckonings.data !== undefined && found.length === 0 && (
        <Empty>No question with all of these words. Try one of them.</Empty>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 1, p: 0 }}>
        {found.map(({ name, question }) => (
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
    </Box>
  );
}
