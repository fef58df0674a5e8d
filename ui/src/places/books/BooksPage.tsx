import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { PlaceHead } from '../../kit/PlaceHead';
import { TwoPanes } from '../../kit/TwoPanes';
import { useLook } from '../../look';
import { useCrops } from '../../api/queries';
import { CropPage } from './CropPage';
import { JournalBook } from './JournalBook';
import { ReckonerPage } from './reckoner/ReckonerPage';
import { ReckonerList } from './reckoner/ReckonerList';

/** The books on the shelf: the journal of the garden, and the handbook of crops. */
export function BooksPage() {
  const { book, leaf } = useParams();
  const crops = useCrops();
  const { at } = useLook();
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead name="books" />
          <Box sx={{ px: 2, pb: 3 }}>
            <Leaf to={at('/books/journal')} current={book === 'journal'}>
              <b>The journal</b>: everything that happened
            </Leaf>
            <Leaf to={at('/books/reckoners')} current={book === 'reckoners'}>
              <span>
                <b>Quick reckoners</b>: one figure, no record
              </span>
            </Leaf>
            <Box component="h2" sx={{ typography: 'h2', mt: 2.5, mb: 0.5 }}>
              Handbook
            </Box>
            {(crops.data ?? []).map((crop) => (
              <Leaf key={crop.key} to={at(`/books/handbook/${crop.key}`)} current={leaf === crop.key}>
                <b>{crop.name}</b>, <em lang="la">{crop.latin}</em>
              </Leaf>
            ))}
          </Box>
        </>
      }
      sheet={pageOf(book, leaf)}
      hint="Open the journal, or a crop of the handbook."
    />
  );
}

function Leaf({ to, current, children }: { to: string; current: boolean; children: ReactNode }) {
  return (
    <Box
      component={Link}
      to={to}
      aria-current={current ? 'page' : undefined}
      sx={(t) => ({
        display: 'flex',
        alignItems: 'center',
        minHeight: 44,
        mx: -1,
        px: 1,
        color: 'inherit',
        textDecoration: 'none',
        borderBottom: `1px solid ${t.vars?.palette.quiet}`,
        bgcolor: current ? t.vars?.palette.quiet : undefined,
        '&:hover': { bgcolor: t.vars?.palette.quiet },
      })}
    >
      <span>{children}</span>
    </Box>
  );
}

function pageOf(book: string | undefined, leaf: string | undefined): ReactNode {
  if (book === 'journal') return <JournalBook />;
  if (book === 'handbook' && leaf !== undefined) return <CropPage cropKey={leaf} />;
  if (book === 'reckoners')
    return leaf === undefined ? <ReckonerList /> : <ReckonerPage key={leaf} name={leaf} />;
  return null;
}
