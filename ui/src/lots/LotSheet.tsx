import Box from '@mui/material/Box';
import { Link, useNavigate } from 'react-router';
import type { PlaceName } from '../api/client';
import { useLot } from '../api/queries';
import { JournalLines } from '../record/JournalLines';
import { ComingSheet } from '../shell/ComingThings';
import { CrossedOf } from './CrossedOf';
import { FamilyOf } from './FamilyOf';
import { HowTrue } from './HowTrue';
import { Caution, Section, Trouble } from '../kit/Section';
import { SheetHead } from '../shell/SheetHead';
import { TagLinks } from '../shell/TagLinks';
import { TaskLine } from '../shell/TaskLine';
import { useLook } from '../api/look';
import { places } from '../shell/places';
import { Offers } from '../record/Offers';
import { RoadOf } from './RoadOf';
import { movesTo, pagesOf, SheetSection } from './sections';

/** The worksheet of a lot: what to do and why, what can be recorded, then all that is known, what matters here first. */
export function LotSheet({ code, place }: { code: string; place: PlaceName }) {
  const lot = useLot(code);
  const { at, on } = useLook();
  const navigate = useNavigate();
  if (lot.error !== null) return <Trouble>{lot.error.message}</Trouble>;
  if (lot.data === undefined) return <ComingSheet />;
  const data = lot.data;
  // Where the seed itself lies, what can be done with it stands first; elsewhere, what is known of it does.
  const lies = data.place === place;
  const first = (at: string | null) => Number(at === place);
  const offers = on === undefined && (
    <Offers
      key="offers"
      about={{ subject: 'lot', id: data.id }}
      leading={lies}
      offers={data.offers}
      anything={{ crop: data.crop.key }}
      leads={Object.fromEntries(Object.entries(pagesOf(code)).map(([kind, page]) => [kind, at(page)]))}
      // After a step that moves the seed, follow it to where it now lies.
      onDone={(kind, saved) => {
        // A lot that was set apart has a sheet of its own.
        if (kind === 'set_apart') return void navigate(at(`/bench/${saved.code}`));
        const to = movesTo[kind];
        if (to !== undefined && to !== place) void navigate(at(`/${to}/${code}`));
      }}
    />
  );
  // Which of them opens the sheet is a matter of the place one stands in.
  const known = [...data.sections]
    .sort((a, b) => first(b.belongs) - first(a.belongs))
    .map((section) => (
      <SheetSection key={'id' in section ? section.id : section.section} section={section} lot={data} />
    ));
  return (
    <Box sx={{ maxWidth: 860 }}>
      <Box
        component={Link}
        to={at(`/${place}`)}
        sx={{ display: { xs: 'inline-block', md: 'none' }, color: 'inherit', py: 1 }}
      >
        Back to the {places[place].title.toLowerCase()}
      </Box>
      <SheetHead tag={data.tag}>
        <Box sx={(t) => ({ my: 1, color: t.vars?.palette.text.secondary })}>
          {data.stage}
          {data.generation !== '' && ` · ${data.generation}`}
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
          {!lies && data.place !== 'plot' && !data.sections.some(({ belongs }) => belongs === place) && (
            <>
              {' · now '}
              <Box component={Link} to={at(`/${data.place}/${code}`)} sx={{ color: 'inherit' }}>
                in the {places[data.place].title.toLowerCase()}
              </Box>
            </>
          )}
        </Box>
        {data.crossed === null && <HowTrue line={data.line} />}
      </SheetHead>
      {data.crossed !== null && <Caution>{data.crossed}</Caution>}
      {data.sister !== null && <Caution>{data.sister}</Caution>}
      {data.sections.flatMap((section) =>
        'warning' in section && section.warning !== null
          ? [<Caution key={section.section}>{section.warning}</Caution>]
          : [],
      )}
      {data.advice !== null && <Box sx={{ fontWeight: 700, maxWidth: '46em' }}>{data.advice}</Box>}
      <Box sx={{ display: 'grid', gap: 1.25, my: 2 }}>
        {data.tasks.map((task) => (
          <TaskLine key={task.id} task={task} />
        ))}
      </Box>
      {/* In one row of keys: what is open in the offers stays so when word comes that the seed lies here by now. */}
      {lies ? [offers, ...known] : [...known, offers]}
      <TagLinks title="Set apart from" tags={data.part_of === null ? [] : [data.part_of]} />
      <TagLinks title="Set apart from it" tags={data.parts} />
      <TagLinks title="Sown from it" tags={data.grown} />
      {data.crossed !== null && <CrossedOf code={data.tag.code} />}
      {/^F\d/.test(data.tag.generation) && <RoadOf code={data.tag.code} />}
      <FamilyOf code={data.tag.code} crop={data.crop.key} />
      <Section title="Journal">
        <JournalLines entries={data.entries} about={{ subject: 'lot', id: data.id }} />
      </Section>
    </Box>
  );
}
