import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useState } from 'react';
import type { Rota, RotaPlay } from '../api/client';
import { Section, Trouble } from '../kit/Section';
import { useSpoken } from '../kit/spoken';
import { places } from '../shell/places';
import { usePlay } from './useRota';

/** The rota played a thousand times: how likely each line is there in ten years, which is the weakest, and what helps most. */
export function Chances({ rota, work }: { rota: Rota; work: string | undefined }) {
  const [asked, ask] = useState(false);
  const { played, share } = usePlay(work, asked);
  return (
    <Box sx={{ maxWidth: 860 }}>
      <Box sx={{ maxWidth: '46em', mb: 2 }}>
        The rota is worked out for the mean of years. Here it is played as years go: poor ones in which more
        fails everywhere, a store that ages seed faster or slower than forecast, lots that die each at its own
        time. What failed is sown again the year after, and older lots are fallen back on.
      </Box>
      {played.data === undefined && (
        <Button
          variant="contained"
          onClick={() => ask(true)}
          disabled={work === undefined || played.isFetching}
        >
          Play it a thousand times
        </Button>
      )}
      {played.isFetching && (
        <Box sx={{ maxWidth: 420, mt: 2 }} role="status">
          <LinearProgress variant="determinate" value={Math.round(100 * share)} aria-label="How far it is" />
        </Box>
      )}
      {played.error !== null && <Trouble>{played.error.message}</Trouble>}
      {played.data !== undefined && <Played rota={rota} play={played.data} />}
    </Box>
  );
}

const percent = (chance: number) =>
  chance > 0.995 && chance < 1
    ? 'over 99 %'
    : chance > 0 && chance < 0.005
      ? 'under 1 %'
      : `${Math.round(100 * chance)} %`;
const figure = (amount: number) => String(Math.round(amount * 10) / 10);

function Played({ rota, play }: { rota: Rota; play: RotaPlay }) {
  const { season } = useSpoken();
  const end = season((rota.seasons[0] ?? 0) + play.years);
  return (
    <>
      <Box sx={{ fontSize: '1.25rem', fontWeight: 700, mb: 0.5 }}>
        By {end}, of {play.lines.length} lines {figure(play.lost)} are lost with the rota,{' '}
        {figure(play.lost_without)} without it.
      </Box>
      <Box sx={{ mb: 2 }}>
        In the mean of {play.plays.toLocaleString('en')} plays. Without it means that nothing is grown for
        seed.
      </Box>
      <Section title="What would save most">
        {play.help.length === 0 && (
          <Box>Nothing that was tried saves a line in more than one play of a thousand.</Box>
        )}
        <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
          {play.help.map((help) => (
            <li key={help.says}>
              <strong>{help.says}</strong>:{' '}
              {help.saves >= 0.095
                ? `${figure(help.saves)} lines more are kept`
                : `a line more is kept in ${Math.round(1000 * help.saves)} of 1,000 plays`}
              {help.hours > 0.05 && `, for ${figure(help.hours)} h more work`}
              {help.hours < -0.05 && `, with ${figure(-help.hours)} h less work`}.
            </li>
          ))}
        </Box>
      </Section>
      <Section title="Line by line, the weakest first">
        <Box
          component="table"
          sx={{
            borderCollapse: 'collapse',
            width: '100%',
            '& th, & td': { textAlign: 'left', py: 0.5, pr: 1.5 },
          }}
        >
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">There in {end}</th>
              <th scope="col">Without</th>
            </tr>
          </thead>
          <tbody>
            {play.lines.map((line) => (
              <tr key={line.id}>
                <Box component="th" scope="row" sx={{ fontWeight: 400 }}>
                  <strong>{line.name}</strong>, {line.crop_name}
                </Box>
                <td>
                  <Bar chance={line.kept} />
                </td>
                <td>{percent(line.without)}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Section>
    </>
  );
}

function Bar({ chance }: { chance: number }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
      <Box
        sx={(t) => ({ width: { xs: 70, sm: 200 }, height: 12, border: `1px solid ${t.vars?.palette.rule}` })}
      >
        <Box sx={{ width: `${100 * chance}%`, height: '100%', bgcolor: places.store.enamel }} />
      </Box>
      {percent(chance)}
    </Box>
  );
}
