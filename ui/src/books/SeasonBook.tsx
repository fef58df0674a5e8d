import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { SeasonCrop } from '../api/client';
import { useLook } from '../api/look';
import { useSeason } from '../api/queries';
import { SeedDrawing } from '../charts/SeedDrawing';
import { Coming } from '../kit/Coming';
import { Empty, Section, Trouble } from '../kit/Section';

/** Where the books open: what the handbook has to say of this month, for the crops of this garden. */
export function SeasonBook() {
  const season = useSeason();
  const { at } = useLook();
  if (season.error !== null) return <Trouble>{season.error.message}</Trouble>;
  if (season.data === undefined) return <Coming lines={8} height={40} />;
  const { month, sow, bloom, ripe, lift, others } = season.data;
  const nothing = [sow, bloom, ripe, lift].every(({ length }) => length === 0);
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Typography variant="h1">{month} in the handbook</Typography>
      <Box component="p" sx={{ mt: 0.5, mb: 2, maxWidth: '46em' }}>
        For the crops that this garden has. What one name means of several:{' '}
        <Box component={Link} to={at('/books/which')} sx={{ color: 'inherit' }}>
          which one is it?
        </Box>
      </Box>
      {nothing && (
        <Empty>Nothing of this garden’s crops is sown, in bloom or ripe by the handbook in {month}.</Empty>
      )}
      <Lines title="Ripe seed to look for" crops={ripe} />
      <Lines title="To be lifted" crops={lift} />
      <Lines title="May be sown or planted for seed" crops={sow} />
      <Lines title="In bloom" crops={bloom} />
      {others.length > 0 && (
        <Section title="Others of the handbook that may be sown or planted">
          <Box component="p" sx={{ m: 0, maxWidth: '46em', lineHeight: 1.7 }}>
            {others.map(({ key, name }, i) => (
              <span key={key}>
                {i > 0 && ' · '}
                <Box component={Link} to={at(`/books/handbook/${key}`)} sx={{ color: 'inherit' }}>
                  {name}
                </Box>
              </span>
            ))}
          </Box>
        </Section>
      )}
    </Box>
  );
}

function Lines({ title, crops }: { title: string; crops: SeasonCrop[] }) {
  const { at } = useLook();
  if (crops.length === 0) return null;
  return (
    <Section title={title}>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {crops.map(({ key, name, note, look }) => (
          <Box component="li" key={key} sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', py: 0.4 }}>
            <Box
              sx={{ width: 30, flexShrink: 0, display: 'grid', placeItems: 'center', alignSelf: 'center' }}
            >
              {look !== null && <SeedDrawing look={look} size={26} />}
            </Box>
            <Box>
              <Box
                component={Link}
                to={at(`/books/handbook/${key}`)}
                sx={{ color: 'inherit', fontWeight: 700 }}
              >
                {name}
              </Box>
              , {note}
            </Box>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
