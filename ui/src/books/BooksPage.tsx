import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { PlaceHead } from '../shell/PlaceHead';
import { TwoPanes } from '../kit/TwoPanes';
import { useLook } from '../api/look';
import { CopiesBook } from './CopiesBook';
import { CropPage } from './CropPage';
import { ForecastsBook } from './ForecastsBook';
import { HandbookList } from './HandbookList';
import { JournalBook } from './JournalBook';
import { Leaf } from './Leaf';
import { NewCrop } from './NewCrop';
import { PeopleBook } from './PeopleBook';
import { PlacesBook } from './PlacesBook';
import { SettingsBook } from './SettingsBook';
import { SeasonBook } from './SeasonBook';
import { VarietiesBook } from './VarietiesBook';
import { WhichBook } from './WhichBook';
import { WordsBook } from './WordsBook';
import { ReckonerPage } from './reckoner/ReckonerPage';
import { ReckonerList } from './reckoner/ReckonerList';

/** The books on the shelf: the journal of the garden, and the handbook of crops. */
export function BooksPage() {
  const { book, leaf } = useParams();
  const { at } = useLook();
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead name="books" />
          <Box sx={{ px: 2, pb: 3 }}>
            <Leaf to={at('/books/month')} current={book === 'month' || book === undefined}>
              <span>
                <b>This month</b>: sown, in bloom, ripe
              </span>
            </Leaf>
            <Leaf to={at('/books/journal')} current={book === 'journal'}>
              <b>The journal</b>: everything that happened
            </Leaf>
            <Leaf to={at('/books/reckoners')} current={book === 'reckoners'}>
              <span>
                <b>Quick reckoners</b>: one figure, no record
              </span>
            </Leaf>
            <Leaf to={at('/books/forecasts')} current={book === 'forecasts'}>
              <span>
                <b>How the forecasts did</b>: against tests
              </span>
            </Leaf>
            <Leaf to={at('/books/varieties')} current={book === 'varieties'}>
              <span>
                <b>Varieties</b>: names, crops, two that are one
              </span>
            </Leaf>
            <Leaf to={at('/books/people')} current={book === 'people'}>
              <span>
                <b>People</b>: who gave seed, who has some
              </span>
            </Leaf>
            <Leaf to={at('/books/places')} current={book === 'places'}>
              <span>
                <b>Places</b>: where seed is kept
              </span>
            </Leaf>
            <Leaf to={at('/books/settings')} current={book === 'settings'}>
              <span>
                <b>Settings</b>: frosts, units, days, pass marks
              </span>
            </Leaf>
            <Leaf to={at('/books/copies')} current={book === 'copies'}>
              <span>
                <b>Copies</b>: of the garden, and back to one
              </span>
            </Leaf>
            <Leaf to={at('/books/words')} current={book === 'words'}>
              <span>
                <b>Words</b>: what is meant by them here
              </span>
            </Leaf>
            <Leaf to={at('/books/which')} current={book === 'which'}>
              <span>
                <b>Which one is it?</b> beans, squashes, onions
              </span>
            </Leaf>
            <HandbookList leaf={book === 'handbook' ? leaf : undefined} />
          </Box>
        </>
      }
      sheet={pageOf(book, leaf)}
      resting={<SeasonBook />}
      hint="Open the journal, or a crop of the handbook."
    />
  );
}

function pageOf(book: string | undefined, leaf: string | undefined): ReactNode {
  if (book === 'month') return <SeasonBook />;
  if (book === 'journal') return <JournalBook />;
  if (book === 'forecasts') return <ForecastsBook />;
  if (book === 'varieties') return <VarietiesBook />;
  if (book === 'people') return <PeopleBook />;
  if (book === 'places') return <PlacesBook />;
  if (book === 'settings') return <SettingsBook />;
  if (book === 'copies') return <CopiesBook />;
  if (book === 'words') return <WordsBook />;
  if (book === 'which') return <WhichBook name={leaf} />;
  if (book === 'handbook' && leaf === 'new-crop') return <NewCrop />;
  if (book === 'handbook' && leaf !== undefined) return <CropPage cropKey={leaf} />;
  if (book === 'reckoners')
    return leaf === undefined ? <ReckonerList /> : <ReckonerPage key={leaf} name={leaf} />;
  return null;
}
