import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Refused, type Planting, type Walk } from '../api/client';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { ofPlanting } from './ofPlanting';

/** By what the variety was chosen the last time it was grown, in one press. */
export function TakeOver({ planting, last }: { planting: Planting; last: NonNullable<Walk['last']> }) {
  const frame = useFrame();
  const say = useSay();
  const save = useRecord(() => ({
    title: `Chosen by, ${planting.tag.code}`,
    at: window.location.pathname,
    drafts: [
      ofPlanting(planting.id, 'traits_chosen', frame.data?.now ?? '', { traits: last.traits, aim: last.aim }),
    ],
  }));
  return (
    <Box sx={{ my: 1, '@media print': { display: 'none' } }}>
      <Button
        variant="outlined"
        disabled={save.isPending}
        onClick={() =>
          void afterwards(save.mutateAsync(undefined), (saved) => say(`Kept. ${saved.said}`, saved.entry))
        }
      >
        By the same as in {last.season}: {last.traits}
      </Button>
      {save.error instanceof Refused && <Trouble>{save.error.message}</Trouble>}
      <Waiting write={save} typed={false} />
    </Box>
  );
}
