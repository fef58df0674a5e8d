import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useCrops } from '../../api/queries';
import { Caution, Facts, Section, Trouble } from '../../kit/Section';
import { percent, plural } from '../../words';

/** A crop as a keeper of its seed needs it, to be read rather than looked up. */
export function CropPage({ cropKey }: { cropKey: string }) {
  const crops = useCrops();
  if (crops.data === undefined) return null;
  const crop = crops.data.find(({ key }) => key === cropKey);
  if (crop === undefined) return <Trouble>There is no such crop in the handbook.</Trouble>;
  const temperature =
    crop.test_temperature_low === crop.test_temperature_high
      ? `${crop.test_temperature_high} °C`
      : `${crop.test_temperature_low} °C at night, ${crop.test_temperature_high} °C by day`;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Typography variant="h1">{crop.name}</Typography>
      <Box sx={{ mb: 2, fontSize: '1.125rem' }}>
        <em lang="la">{crop.latin}</em>, {crop.family}, {crop.life_cycle}
      </Box>
      <Section title="Making seed">
        {crop.name} {crop.breeding}. Ripe: {crop.ripe_cue.toLowerCase()}.
      </Section>
      <Section title="Getting it clean">
        {crop.cleaning_note}
        {crop.cautions.map((caution) => (
          <Caution key={caution}>{caution}</Caution>
        ))}
      </Section>
      <Section title="Dry enough">
        At {crop.jar_moisture} % moisture or less it may be closed in tight. Under the hand:{' '}
        {crop.dryness_sign.toLowerCase()}.
      </Section>
      <Section title="Testing">
        <Facts
          facts={[
            ['Temperature', temperature],
            ['First count', `day ${crop.first_count}`],
            ['Last count', `day ${crop.last_count}`],
            ['Least worth passing on', percent(crop.minimum)],
          ]}
        />
        {crop.test_note !== '' && <p style={{ marginBottom: 0 }}>{crop.test_note}.</p>}
      </Section>
      <Section title="Keeping">
        <Facts
          facts={[
            ['In a house cupboard, ordinarily', plural(crop.ordinary_years, 'year')],
            ['1 000 seeds weigh', `${crop.tsm_low} to ${crop.tsm_high} g`],
            ['Oil', `${percent(crop.oil)} of dry mass`],
          ]}
        />
        <p style={{ marginBottom: 0 }}>
          {crop.constants === 'published'
            ? 'Its storage life is forecast with constants measured for this crop.'
            : 'No constants have been published for it: its storage life is forecast from those ordinary years.'}
        </p>
      </Section>
    </Box>
  );
}
