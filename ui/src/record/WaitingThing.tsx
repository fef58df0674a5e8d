import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, useLocation, useParams } from 'react-router';
import { useUnborn, type Unborn } from '../api/pending';
import { useChoices, useVarieties } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Empty, Section } from '../kit/Section';
import { Offers } from './Offers';
import { things } from './things';
import { WaitingLines } from './WaitingLines';

/** The crop of what waits: by its variety, or by what it was picked or set apart from, which may wait as well. */
function useCropOf(thing: Unborn | undefined): string | undefined {
  const varieties = useVarieties().data ?? [];
  const plantings = useChoices('plantings').data ?? [];
  const lots = useChoices('lots').data ?? [];
  const unborn = useUnborn();
  const cropOf = ({ begins }: Unborn): string | undefined => {
    if (begins.variety) return varieties.find(({ id }) => id === begins.variety)?.crop;
    const of = begins.planting ?? begins.lot;
    const from = unborn.find(({ id }) => id === of);
    return from === undefined ? [...plantings, ...lots].find(({ id }) => id === of)?.crop : cropOf(from);
  };
  return thing === undefined ? undefined : cropOf(thing);
}

/** A planting or a lot that was begun where there is no network: it has no code yet, and whatever is done to it goes after it. */
export function WaitingThing() {
  const { id = '' } = useParams();
  const thing = useUnborn().find((one) => one.id === id);
  const crop = useCropOf(thing);
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 860 }}>
      {thing === undefined ? (
        <Sent id={id} />
      ) : (
        <>
          <Typography variant="h1">{thing.title}</Typography>
          <Box sx={(t) => ({ mt: 0.5, maxWidth: '46em', color: t.vars?.palette.text.secondary })}>
            Not sent yet: it gets its code when there is network. What you record of it goes after it, in
            order.
          </Box>
          <Offers
            about={{ subject: thing.subject, id }}
            offers={[]}
            anything={{ crop }}
            called={thing.title}
          />
          <Section title="Journal">
            <WaitingLines of={id} />
          </Section>
        </>
      )}
    </Box>
  );
}

/** What has been sent since, with the way to its sheet; a form that was open of it goes on. */
function Sent({ id }: { id: string }) {
  const { hash } = useLocation();
  const lots = useChoices('lots');
  const plantings = useChoices('plantings');
  const lot = lots.data?.find((one) => one.id === id);
  const thing = lot ?? plantings.data?.find((one) => one.id === id);
  if (thing === undefined)
    return lots.isFetching || plantings.isFetching ? (
      <Coming lines={3} height={44} />
    ) : (
      <Empty>
        Nothing of that waits here. What was sent stands in its place, and in{' '}
        <Link to="/books/journal">the journal</Link>.
      </Empty>
    );
  const subject = lot === undefined ? 'planting' : 'lot';
  return (
    <>
      <Typography variant="h1">{thing.said}</Typography>
      <Box sx={{ my: 2 }}>It was sent, and is {thing.code} now.</Box>
      <Button variant="contained" component={Link} to={`${things[subject].page(thing.code)}${hash}`}>
        Open {thing.code}
      </Button>
    </>
  );
}
