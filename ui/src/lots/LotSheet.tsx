import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Cleaning, Lot, PlaceName } from '../api/client';
import { useLot } from '../api/queries';
import { CleaningSection } from '../steps/cleaning/CleaningSection';
import { JournalLines } from '../record/JournalLines';
import { Coming } from '../kit/Coming';
import { HowTrue } from './HowTrue';
import { Caution, Facts, Section, Trouble } from '../kit/Section';
import { Tag } from '../shell/Tag';
import { TagLinks } from '../shell/TagLinks';
import { TaskLine } from '../shell/TaskLine';
import { useLook } from '../api/look';
import { places } from '../shell/places';
import { Offers } from '../record/Offers';
import { DryingSection } from '../steps/drying/DryingSection';
import { PacketsSection } from '../steps/packets/PacketsSection';
import { StoreSection } from '../steps/storing/StoreSection';
import { TestSection } from '../steps/testing/TestSection';

/** The worksheet of a lot: what to do and why, what can be recorded, then all that is known, what matters here first. */
export function LotSheet({ code, place }: { code: string; place: PlaceName }) {
  const lot = useLot(code);
  const { at, on } = useLook();
  const navigate = useNavigate();
  if (lot.error !== null) return <Trouble>{lot.error.message}</Trouble>;
  if (lot.data === undefined) return <Coming lines={7} />;
  const data = lot.data;
  // Where the seed itself lies, what can be done with it stands first; elsewhere, what is known of it does.
  const lies = data.place === place;
  const origin = data.sections.find(({ section }) => section === 'origin');
  const tested = data.sections.some(({ section }) => section === 'test');
  const offers = on === undefined && (
    <Offers
      about={{ subject: 'lot', id: data.id }}
      leading={lies}
      offers={data.offers}
      leads={{ portioned: at(`/store/portion/${code}`), closed: at(`/read/close?of=${code}`) }}
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
        Back to the {places[place].title.toLowerCase()}
      </Box>
      <Box component="h1" sx={{ m: 0, font: 'inherit', maxWidth: 560 }}>
        <Tag tag={data.tag} large />
      </Box>
      <Box sx={(t) => ({ my: 1, color: t.vars?.palette.text.secondary })}>
        {data.stage}
        {' · '}
        {data.crop.name}
        {data.planting !== null && (
          <>
            {' from planting '}
            <Box component={Link} to={at(`/plot/${data.planting}`)} sx={{ color: 'inherit' }}>
              {data.planting}
            </Box>
          </>
        )}
        {data.place !== place && data.place !== 'plot' && !(place === 'trays' && tested) && (
          <>
            {' · now '}
            <Box component={Link} to={at(`/${data.place}/${code}`)} sx={{ color: 'inherit' }}>
              in the {places[data.place].title.toLowerCase()}
            </Box>
          </>
        )}
      </Box>
      {data.crossed !== null && <Caution>{data.crossed}</Caution>}
      {data.sister !== null && <Caution>{data.sister}</Caution>}
      {data.crossed === null && <HowTrue line={data.line} />}
      {origin?.section === 'origin' && origin.warning !== null && <Caution>{origin.warning}</Caution>}
      {data.advice !== null && <Box sx={{ fontWeight: 700, maxWidth: '46em' }}>{data.advice}</Box>}
      <Box sx={{ display: 'grid', gap: 1.25, my: 2 }}>
        {data.tasks.map((task) => (
          <TaskLine key={task.id} task={task} />
        ))}
      </Box>
      {lies && offers}
      {ordered(data, place)}
      {!lies && offers}
      <TagLinks title="Sown from it" tags={data.grown} />
      <Section title="Journal">
        <JournalLines entries={data.entries} about={{ subject: 'lot', id: data.id }} />
      </Section>
    </Box>
  );
}

function FactsSection({ section }: { section: Pick<Cleaning, 'title' | 'facts'> }) {
  return (
    <Section title={section.title}>
      <Facts facts={section.facts} />
    </Section>
  );
}

/** The sections as the server knows them; which of them opens the sheet is a matter of the place one stands in. */
function ordered(lot: Lot, place: PlaceName): ReactNode[] {
  return [...lot.sections]
    .sort((a, b) => Number(b.belongs === place) - Number(a.belongs === place))
    .map((section) => {
      switch (section.section) {
        case 'store':
          return <StoreSection key="store" store={section} code={lot.tag.code} lot={lot.id} />;
        case 'packets':
          return <PacketsSection key="packets" packets={section} lot={lot} />;
        case 'test':
          return <TestSection key={section.id} test={section} lot={lot.id} />;
        case 'drying':
          return <DryingSection key="drying" drying={section} />;
        case 'cleaning':
          return <CleaningSection key="cleaning" cleaning={section} />;
        default:
          // A section that has nothing to draw needs no component of its own.
          return <FactsSection key={section.section} section={section} />;
      }
    });
}
