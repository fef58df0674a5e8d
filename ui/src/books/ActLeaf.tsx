import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { useStrike } from '../api/outbox';
import { useAct } from '../api/queries';
import { Coming } from '../kit/Coming';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { AllLines } from './AllLines';

/** What was done to many at once: each of them, and the way to take all of it back. */
export function ActLeaf({ id }: { id: string }) {
  const act = useAct(id);
  const strike = useStrike();
  const say = useSay();
  if (act.error !== null) return <Trouble>{act.error.message}</Trouble>;
  if (act.data === undefined) return <Coming lines={6} height={44} />;
  const { title, said, takes_back: entry, taken_back: isBack, lines } = act.data;
  const word = isBack ? 'Bring all of it back' : 'Take all of it back';
  const press = async (entry: string) => {
    try {
      const done = await strike.mutateAsync({ entry, title: word });
      say(
        isBack ? 'Brought back.' : 'Taken back. It stays in the journal, struck through.',
        done.entry,
        !isBack,
      );
    } catch (error) {
      say(error instanceof Error ? error.message : 'That could not be done.');
    }
  };
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Box component={Link} to="/books/journal" sx={{ color: 'inherit' }}>
        The journal
      </Box>
      <Typography variant="h1">{title}</Typography>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 1 }}>
        <span>{said}, at once</span>
        {entry !== null && (
          <Button variant="text" disabled={strike.isPending} onClick={() => void press(entry)}>
            {word}
          </Button>
        )}
      </Box>
      <Waiting write={strike} typed={false} />
      <AllLines lines={lines} />
    </Box>
  );
}
