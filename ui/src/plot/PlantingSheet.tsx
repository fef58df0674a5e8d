import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { ComingSheet } from '../shell/ComingThings';
import { useSpoken } from '../kit/spoken';
import { plural } from '../kit/words';
import { Link, useNavigate } from 'react-router';
import { usePlanting } from '../api/queries';
import { JournalLines } from '../record/JournalLines';
import { Facts, Section, Trouble } from '../kit/Section';
import { SheetHead } from '../shell/SheetHead';
import { TagLinks } from '../shell/TagLinks';
import { Spot } from './Spot';
import { TaskLine } from '../shell/TaskLine';
import { useLook } from '../api/look';
import { Offers } from '../record/Offers';

/** A planting: when it went in, what ripe looks like, and the lots picked from it. */
export function PlantingSheet({ code }: { code: string }) {
  const planting = usePlanting(code);
  const { at, on } = useLook();
  const navigate = useNavigate();
  const { day } = useSpoken();
  if (planting.error !== null) return <Trouble>{planting.error.message}</Trouble>;
  if (planting.data === undefined) return <ComingSheet />;
  const data = planting.data;
  return (
    <Box sx={{ maxWidth: 860 }}>
      <Box
        component={Link}
        to={at('/plot')}
        sx={{ display: { xs: 'inline-block', md: 'none' }, color: 'inherit', py: 1 }}
      >
        Back to the plot
      </Box>
      <SheetHead tag={data.tag}>
        <Box sx={(t) => ({ mt: 1, color: t.vars?.palette.text.secondary })}>
          {[
            data.crop.name,
            data.sown === null ? 'when it was sown is not recorded' : `sown ${day(data.sown)}`,
            ...(data.plants === null ? [] : [plural(data.plants, 'plant')]),
            ...(data.spot === '' ? [] : [data.spot]),
          ].join(' · ')}
        </Box>
      </SheetHead>
      <Box sx={{ display: 'grid', gap: 1.25, my: 2 }}>
        {data.tasks.map((task) => (
          <TaskLine key={task.id} task={task} />
        ))}
      </Box>
      {on === undefined && (
        <Offers
          about={{ subject: 'planting', id: data.id }}
          offers={data.offers}
          anything={{ crop: data.crop.key }}
          leads={Object.fromEntries(
            ['fruit_shelved', 'fruit_seen', 'fruit_cut', 'fruit_tasted', 'fruit_seed'].map((kind) => [
              kind,
              at(`/plot/shelf/${code}`),
            ]),
          )}
          onDone={(_, saved) => saved.code.startsWith('L') && void navigate(at(`/bench/${saved.code}`))}
        />
      )}
      <Section
        title="Planting"
        action={
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {data.sown !== null && (
              <Button component={Link} to={at(`/plot/walk/${code}`)}>
                Walk the row
              </Button>
            )}
            {data.shelf && (
              <Button component={Link} to={at(`/plot/shelf/${code}`)}>
                Its fruit on the shelf
              </Button>
            )}
            <Button component={Link} to={`/tags/${code}`}>
              Print its tag
            </Button>
          </Box>
        }
      >
        <Facts facts={data.facts} />
        <Spot planting={data} fixed={on !== undefined} />
        <p style={{ maxWidth: '46em', marginBottom: 0 }}>
          {data.crop.name} {data.crop.breeding}. Ripe: {data.crop.ripe_cue.toLowerCase()}.
        </p>
      </Section>
      <TagLinks title="Sown from" tags={data.sown_lot === null ? [] : [data.sown_lot]} />
      <TagLinks title="Lots picked from it" tags={data.lots} />
      <Section title="Journal">
        <JournalLines entries={data.entries} about={{ subject: 'planting', id: data.id }} />
      </Section>
    </Box>
  );
}
