import Box from '@mui/material/Box';
import type { Reckoned } from '../../api/client';
import { IntervalBar } from '../../charts/IntervalBar';
import { later } from '../../kit/Coming';
import { Caution, Facts } from '../../kit/Section';
import { heading } from '../../kit/theme';
import { capital } from './ReckonerInput';

const PictureChart = later(async () => (await import('../../charts/PictureChart')).PictureChart, {
  lines: 1,
  height: 260,
});

/** What it is and what to do, why, and how far to trust it; then the picture and the figures. */
export function ReckonerAnswer({ answer }: { answer: Reckoned }) {
  const { judgement, range, picture, figures } = answer;
  return (
    <Box sx={{ maxWidth: 720 }}>
      <Box sx={{ fontFamily: heading, fontSize: '1.375rem', fontWeight: 700, lineHeight: 1.25, mb: 1 }}>
        {judgement.sentence}
      </Box>
      <Box component="p" sx={{ m: 0, mb: 0.75 }}>
        {judgement.because}
      </Box>
      <Box component="p" sx={(t) => ({ m: 0, mb: 1.5, color: t.vars?.palette.text.secondary })}>
        {judgement.sure}
      </Box>
      {judgement.cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
      {range !== null && (
        <Box sx={{ my: 2 }}>
          <IntervalBar
            rate={range.figure}
            low={range.low}
            high={range.high}
            marks={range.marks}
            from={range.from}
            to={range.to}
          />
        </Box>
      )}
      {picture !== null && <PictureChart picture={picture} />}
      {judgement.beside !== null && (
        <Box sx={{ mt: 1.5, mb: 2 }}>
          <b>For comparison. </b>
          {judgement.beside}
        </Box>
      )}
      <Box sx={{ mt: 2 }}>
        <Facts facts={figures.map(({ label, said }) => ({ label: capital(label), said }))} />
      </Box>
    </Box>
  );
}
