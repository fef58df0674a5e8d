import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link, useParams } from 'react-router';
import { useLook } from '../api/look';
import { may, usePresent } from '../api/present';
import { usePlanting, useTastings } from '../api/queries';
import { Empty, Section, Trouble } from '../kit/Section';
import { ComingTags } from '../shell/ComingThings';
import { BlindPlates } from './BlindPlates';
import { SetTasting } from './SetTasting';
import { TastingTold } from './TastingTold';

/** Tasting blind: plates with numbers, marks by as many as there are at the table, and then which was which. */
export function TastingPage() {
  const { code = '' } = useParams();
  const tastings = useTastings(code);
  const planting = usePlanting(code);
  const { at, on } = useLook();
  const fixed = !may(usePresent(), 'helper') || on !== undefined;
  const told = tastings.data;
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 860, '@media print': { p: 0, color: '#000' } }}>
      <Box
        component={Link}
        to={at(`/plot/${code}`)}
        sx={{ color: 'inherit', '@media print': { display: 'none' } }}
      >
        To {code}
      </Box>
      <Typography variant="h1" sx={{ mt: 1, mb: 1, '@media print': { display: 'none' } }}>
        {told === undefined ? 'Tasting blind' : `${told.tag.variety}: tasting blind`}
      </Typography>
      {tastings.error !== null && <Trouble>{tastings.error.message}</Trouble>}
      {told === undefined && tastings.error === null && <ComingTags many={3} />}
      {told !== undefined && (
        <>
          {told.tastings
            .filter(({ blind }) => blind)
            .map((tasting) => (
              <BlindPlates key={tasting.id} of={told} tasting={tasting} fixed={fixed} />
            ))}
          {!fixed && <SetTasting key={told.tastings.length} of={told} open={told.tastings.length === 0} />}
          {told.tastings
            .filter(({ blind }) => !blind)
            .map((tasting) => (
              <TastingTold key={tasting.id} planting={planting.data} tasting={tasting} fixed={fixed} />
            ))}
          {told.tastings.length === 0 && told.plants.length < 2 && told.fruits.length < 2 && (
            <Section title="What there is to taste">
              <Empty>
                Plants of the row that were walked, or fruit that is cut open on the shelf, can be set out
                here: two at the least.
              </Empty>
            </Section>
          )}
        </>
      )}
    </Box>
  );
}
