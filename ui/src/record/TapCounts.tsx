import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Values } from '../kit/FieldGrid';
import { figure, oneMore, undone, type Taps } from './tapCounts';

/** A press a seedling, dish by dish, with the last taken back under the thumb. The fields beneath hold the same. */
export function TapCounts({ values, onChange }: { values: Values; onChange: (values: Values) => void }) {
  const [taps, setTaps] = useState<Taps>([]);
  const normal = values['normal'];
  const counts = Array.isArray(normal) ? normal : [];
  const name = (i: number) => (counts.length === 1 ? 'One more up' : `Dish ${i + 1}: one more up`);
  return (
    <Box role="group" aria-label="A press a seedling" sx={{ my: 1.5 }}>
      <Box
        sx={{
          display: 'grid',
          gap: 1,
          gridTemplateColumns: { xs: 'repeat(2, 1fr)', sm: 'repeat(auto-fill, minmax(120px, 1fr))' },
        }}
      >
        {counts.map((count, i) => (
          <Button
            key={`${i} of ${counts.length}`}
            variant="outlined"
            aria-label={name(i)}
            onClick={() => {
              setTaps([...taps, i]);
              onChange({ ...values, normal: oneMore(counts, i) });
            }}
            sx={{ minHeight: 72, flexDirection: 'column' }}
          >
            <span style={{ fontSize: '1.5rem' }}>{figure(count)}</span>
            <span>{counts.length === 1 ? 'up' : `dish ${i + 1}`}</span>
          </Button>
        ))}
      </Box>
      <Button
        disabled={taps.length === 0}
        onClick={() => {
          const back = undone(counts, taps);
          setTaps(back.taps);
          onChange({ ...values, normal: back.counts });
        }}
        sx={{ mt: 1, minHeight: 56 }}
      >
        Take the last press back
      </Button>
    </Box>
  );
}
