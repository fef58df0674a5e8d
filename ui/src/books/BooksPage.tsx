import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { PlaceHead } from '../shell/PlaceHead';
import { Empty } from '../kit/Section';
import { TwoPanes } from '../kit/TwoPanes';
import { useLook } from '../api/look';
import { ActLeaf } from './ActLeaf';
import { CopiesBook } from './CopiesBook';
import { CropPage } from './CropPage';
import { ForecastsBook } from './ForecastsBook';
import { HandbookList } from './HandbookList';
import { InstrumentLeaf, InstrumentsBook } from './InstrumentsBook';
import { JournalBook } from './JournalBook';
import { KeepersBook } from './KeepersBook';
import { Leaf } from './Leaf';
import { LinesBook } from './LinesBook';
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

type Book = {
  name: string;
  /** what it holds, behind its name */
  of: string;
  page: (leaf: string | undefined) => ReactNode;
};

/** The books on the shelf, by their address, in the order in which they stand. */
const books: Record<string, Book> = {
  month: { name: 'This month', of: ': sown, in bloom, ripe', page: () => <SeasonBook /> },
  journal: {
    name: 'The journal',
    of: ': everything that happened',
    page: (leaf) => (leaf === undefined ? <JournalBook /> : <ActLeaf key={leaf} id={leaf} />),
  },
  reckoners: {
    name: 'Quick reckoners',
    of: ': one figure, no record',
    page: (leaf) => (leaf === undefined ? <ReckonerList /> : <ReckonerPage key={leaf} name={leaf} />),
  },
  line: { name: 'The line', of: ': what can be written in it', page: () => <LinesBook /> },
  forecasts: { name: 'How the forecasts did', of: ': against tests', page: () => <ForecastsBook /> },
  varieties: { name: 'Varieties', of: ': names, crops, two that are one', page: () => <VarietiesBook /> },
  people: { name: 'People', of: ': who gave seed, who has some', page: () => <PeopleBook /> },
  places: { name: 'Places', of: ': where seed is kept', page: () => <PlacesBook /> },
  instruments: {
    name: 'Instruments',
    of: ': scale, loggers, weather',
    page: (leaf) => (leaf === undefined ? <InstrumentsBook /> : <InstrumentLeaf key={leaf} id={leaf} />),
  },
  settings: { name: 'Settings', of: ': frosts, units, days, pass marks', page: () => <SettingsBook /> },
  keepers: { name: 'Keepers', of: ': who keeps the garden, and is let in', page: () => <KeepersBook /> },
  copies: { name: 'Copies', of: ': of the garden, and back to one', page: () => <CopiesBook /> },
  words: { name: 'Words', of: ': what is meant by them here', page: () => <WordsBook /> },
  which: {
    name: 'Which one is it?',
    of: ' beans, squashes, onions',
    page: (leaf) => <WhichBook name={leaf} />,
  },
};

const handbook = (leaf: string | undefined): ReactNode =>
  leaf === 'new-crop' ? <NewCrop /> : leaf === undefined ? <SeasonBook /> : <CropPage cropKey={leaf} />;

/** The journal of the garden, the handbook of crops, and whatever else stands on the shelf. */
export function BooksPage() {
  const { book, leaf } = useParams();
  const { at } = useLook();
  const open = book === undefined ? undefined : books[book];
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead name="books" />
          <Box sx={{ px: 2, pb: 3 }}>
            {Object.entries(books).map(([address, { name, of }]) => (
              <Leaf key={address} to={at(`/books/${address}`)} current={(book ?? 'month') === address}>
                <span>
                  <b>{name}</b>
                  {of}
                </span>
              </Leaf>
            ))}
            <HandbookList leaf={book === 'handbook' ? leaf : undefined} />
          </Box>
        </>
      }
      sheet={
        book === undefined
          ? null
          : book === 'handbook'
            ? handbook(leaf)
            : (open?.page(leaf) ?? (
                <Empty>There is no such book on the shelf. Choose one from the list.</Empty>
              ))
      }
      resting={<SeasonBook />}
      hint="Open the journal, or a crop of the handbook."
    />
  );
}
