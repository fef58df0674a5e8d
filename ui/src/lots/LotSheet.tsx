import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Lot, PlaceName, Test } from '../api/client';
import { useFrame, useLot } from '../api/queries';
import { FermentBar } from '../steps/cleaning/FermentBar';
import { JournalLines } from '../record/JournalLines';
import { Caution, Facts, Section, Trouble } from '../kit/Section';
import { Tag } from '../shell/Tag';
import { TaskLine } from '../shell/TaskLine';
import { useLook } from '../shell/look';
import { titleOf } from '../shell/places';
import { Offers } from '../record/Offers';
import { day, grams, plural } from '../kit/words';
import { DryingSection } from '../steps/drying/DryingSection';
import { StoreSection } from '../steps/storing/StoreSection';
import { TestSection } from '../steps/testing/TestSection';

/** The worksheet of a lot: what to do and why, what can be recorded, then all that is known, what matters here first. */
export function LotSheet({ code, place }: { code: string; place: PlaceName }) {
  const lot = useLot(code);
  const { at, on } = useLook();
  const navigate = useNavigate();
  if (lot.error !== null) return <Trouble>{lot.error.message}</Trouble>;
  if (lot.data === undefined) return <Box aria-busy="true">Reading the journal …</Box>;
  const data = lot.data;
  // Where the seed itself lies, what can be done with it stands first; elsewhere, what is known of it does.
  const lies = data.place === place;
  const offers = on === undefined && (
    <Offers
      onto={{ code, as: 'lot' }}
      leading={lies}
      offers={data.offers}
      crop={data.crop}
      // After a step that moves the seed, follow it to where it now lies.
      onDone={(kind) => {
        const to = { spread: 'racks', stored: 'store', test_started: 'trays' }[kind];
        if (to !== undefined && to !== place) void navigate(at(`/${to}/${code}`));
      }}
    />
  );
  return (
    <Box sx={{ maxWidth: 860 }}>
      <Box
        component={Link}
        to={at(`/${place}`)}
        sx={{ display: { xs: 'inline-block', md: 'none' }, color: 'inherit', py: 1 }}
      >
        Back to the {titleOf(place).toLowerCase()}
      </Box>
      <Box component="h1" sx={{ m: 0, font: 'inherit', maxWidth: 560 }}>
        <Tag tag={data.tag} large />
      </Box>
      <Box sx={(t) => ({ my: 1, color: t.vars?.palette.text.secondary })}>
        {data.stage}
        {' · '}
        {data.crop.name} from planting{' '}
        <Box component={Link} to={at(`/plot/${data.planting}`)} sx={{ color: 'inherit' }}>
          {data.planting}
        </Box>
        {data.place !== place && data.place !== 'plot' && !(place === 'trays' && data.tests.length > 0) && (
          <>
            {' · now '}
            <Box component={Link} to={at(`/${data.place}/${code}`)} sx={{ color: 'inherit' }}>
              in the {titleOf(data.place).toLowerCase()}
            </Box>
          </>
        )}
      </Box>
      {data.crossed !== null && <Caution>{data.crossed}</Caution>}
      <Box sx={{ display: 'grid', gap: 1.25, my: 2 }}>
        {data.tasks
          .filter((task) => task.state !== 'ahead' || task.best < ahead(on ?? task.opens))
          .map((task) => (
            <TaskLine key={task.id} task={task} />
          ))}
      </Box>
      {lies && offers}
      {ordered(data, place)}
      {!lies && offers}
      <Section title="Journal">
        <JournalLines entries={data.entries} />
      </Section>
    </Box>
  );
}

/** What lies within the next two months is worth a line on the worksheet; the rest stands in the forecast. */
function ahead(from: string): string {
  return new Date(new Date(from).getTime() + 60 * 86_400_000).toISOString();
}

function ordered(lot: Lot, place: PlaceName): ReactNode[] {
  const sections: Partial<Record<PlaceName, ReactNode>> = {
    store: lot.store !== null && <StoreSection key="store" lot={lot} />,
    trays:
      lot.tests.length > 0 &&
      lot.tests.map((test: Test) => <TestSection key={test.id} test={test} lot={lot} />),
    racks: lot.drying !== null && <DryingSection key="racks" drying={lot.drying} />,
    bench: <BenchSection key="bench" lot={lot} />,
  };
  const order: PlaceName[] = ['store', 'trays', 'racks', 'bench'];
  return [place, ...order.filter((name) => name !== place)]
    .map((name) => sections[name])
    .filter((section) => section !== undefined);
}

function BenchSection({ lot }: { lot: Lot }) {
  const frame = useFrame();
  const facts: [string, ReactNode][] = [];
  if (lot.harvest !== null) {
    facts.push([
      'Picked',
      lot.harvest.first === lot.harvest.last
        ? day(lot.harvest.first)
        : `${day(lot.harvest.first)} to ${day(lot.harvest.last)}`,
    ]);
    facts.push(['From', plural(lot.harvest.plants, 'plant')]);
    if (lot.harvest.fruits > 0) facts.push(['Fruits, pods or heads', lot.harvest.fruits]);
    if (lot.harvest.grams !== null) facts.push(['Weighed', grams(lot.harvest.grams)]);
  }
  if (lot.tsm !== null) facts.push(['1 000 seeds weigh', grams(lot.tsm)]);
  if (lot.tsm_cv !== null)
    facts.push([
      'Samples vary by',
      `${lot.tsm_cv.toFixed(1)} %${lot.tsm_cv > 4 ? ', more than 4 %: weigh again' : ''}`,
    ]);
  return (
    <Section title={lot.place === 'bench' ? 'Cleaning' : 'Harvest and cleaning'}>
      {lot.ferment !== null && (
        <>
          <p style={{ margin: '0 0 8px' }}>{lot.ferment.sentence}</p>
          <FermentBar
            ferment={lot.ferment}
            now={
              frame.data === undefined ? lot.ferment.started : `${frame.data.on}${frame.data.now.slice(10)}`
            }
          />
        </>
      )}
      {lot.place === 'bench' && <p style={{ maxWidth: '46em' }}>{lot.crop.cleaning_note}</p>}
      <Facts facts={facts} />
    </Section>
  );
}
