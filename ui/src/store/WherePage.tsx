import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useTheme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Holder } from '../api/client';
import { useHolders } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Empty, Trouble } from '../kit/Section';
import { TwoPanes } from '../kit/TwoPanes';
import { plural } from '../kit/words';
import { ContainerForm } from '../record/ContainerForm';
import { PlaceForm } from '../record/PlaceForm';
import { PlaceHead } from '../shell/PlaceHead';
import { HolderSheet } from './HolderSheet';

/** Where everything is: the places, the containers in them and in one another, and what lies in each. */
export function WherePage() {
  const { id } = useParams();
  const { breakpoints } = useTheme();
  const wide = useMediaQuery(breakpoints.up('md'), { noSsr: true });
  const first = useHolders().data?.[0]?.id;
  // Where there is room for both, the first of them is open: half a page is not left empty.
  const open = id ?? (wide ? first : undefined);
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead name="store" />
          <Box sx={{ px: 2, pb: 3 }}>
            <Tree current={open} />
          </Box>
        </>
      }
      sheet={open === undefined ? null : <HolderSheet key={open} id={open} />}
      hint="Choose a place or a container to see what lies in it."
    />
  );
}

function Tree({ current }: { current: string | undefined }) {
  const holders = useHolders();
  const navigate = useNavigate();
  const [text, setText] = useState('');
  const [adding, setAdding] = useState<'place' | 'container' | null>(null);
  const all = holders.data ?? [];
  const depth = depths(all);
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = all.filter(({ path, said }) =>
    words.every((word) => `${path} ${said}`.toLowerCase().includes(word)),
  );
  const saved = ({ entry }: { entry: string }) => {
    setAdding(null);
    void navigate(`/store/where/${entry}`);
  };
  return (
    <>
      {all.length > 6 && (
        <OutlinedInput
          fullWidth
          placeholder="Which place or container …"
          value={text}
          onChange={(event) => setText(event.target.value)}
          inputProps={{ 'aria-label': 'Which place or container' }}
          sx={{ mb: 1 }}
        />
      )}
      {holders.error !== null && <Trouble>{holders.error.message}</Trouble>}
      {holders.data === undefined && holders.error === null && <Coming lines={6} height={40} />}
      {holders.data?.length === 0 && <Empty>No place yet: a shelf, a fridge, a cupboard in the hall.</Empty>}
      <Box component="ul" aria-label="Places and containers" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {shown.map((holder) => (
          <Box
            component="li"
            key={holder.id}
            sx={(t) => ({
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
              '&:first-of-type': { borderTop: 0 },
            })}
          >
            <Box
              component={Link}
              to={`/store/where/${holder.id}`}
              aria-current={holder.id === current ? 'true' : undefined}
              sx={(t) => ({
                display: 'flex',
                gap: 1,
                alignItems: 'baseline',
                color: 'inherit',
                textDecoration: 'none',
                py: 0.75,
                pr: 1,
                pl: 1 + 2 * (depth.get(holder.id) ?? 0),
                mx: -1,
                bgcolor: holder.id === current ? t.vars?.palette.quiet : undefined,
                '&:hover': { bgcolor: t.vars?.palette.quiet },
              })}
            >
              <Box component="span" sx={{ flex: 1, minWidth: 0 }}>
                <b>{holder.name}</b>
                <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
                  , {holder.said}
                </Box>
              </Box>
              <span>{plural(holder.lots, 'lot')}</span>
            </Box>
          </Box>
        ))}
      </Box>
      {adding === null && (
        <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap' }}>
          <Button onClick={() => setAdding('container')}>Add a container</Button>
          <Button onClick={() => setAdding('place')}>Add a place</Button>
        </Box>
      )}
      {adding === 'container' && <ContainerForm onSaved={saved} onCancel={() => setAdding(null)} />}
      {adding === 'place' && <PlaceForm onSaved={saved} onCancel={() => setAdding(null)} />}
    </>
  );
}

/** How deep each of them lies, by id. They come in order: what holds stands before what it holds. */
function depths(all: Holder[]): Map<string, number> {
  const depth = new Map<string, number>();
  for (const holder of all) depth.set(holder.id, (depth.get(holder.in) ?? -1) + 1);
  return depth;
}
