import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { api, take } from '../api/client';
import type { components } from '../api/generated';
import { keys } from '../api/keys';
import { useFrame } from '../api/queries';
import { Coming } from '../kit/Coming';
import { DayInput } from '../kit/DayInput';
import { Empty, Section, Trouble } from '../kit/Section';
import { useSpoken } from '../kit/spoken';
import { pageOfCode } from '../record/things';
import { places } from '../shell/places';
import { Tag } from '../shell/Tag';

type Thing = components['schemas']['ThenThingDocument'];

const DAY = 86_400_000;

/** A day so many days from another, both as 2025-07-14. */
const daysFrom = (day: string, days: number) =>
  new Date(Date.parse(`${day}T12:00:00Z`) + days * DAY).toISOString().slice(0, 10);

/** A day that was: every place as it stood, by what had been recorded by then, and what is known of it now. */
export function ThenPage() {
  const frame = useFrame();
  const today = frame.data?.now.slice(0, 10) ?? '';
  const { day: asked } = useParams();
  const [params] = useSearchParams();
  const page = Number(params.get('page') ?? '1');
  const wanted = asked ?? (today === '' ? '' : daysFrom(today, -1));
  const then = useQuery({
    queryKey: keys.then(wanted, page),
    queryFn: () => take(api.GET('/then', { params: { query: { day: wanted, page } } })),
    enabled: wanted !== '',
    placeholderData: keepPreviousData,
    retry: false,
  });
  const { day: say } = useSpoken();
  const shown = then.data?.day ?? (/^\d{4}-\d\d-\d\d$/.test(wanted) ? wanted : '');
  const filled = then.data?.places.filter(({ things }) => things.length > 0) ?? [];
  return (
    <Box sx={{ maxWidth: 900, px: 2, pt: 2, pb: 4 }}>
      <Typography variant="h1">{shown === '' ? 'A day that was' : `As it was on ${say(shown)}`}</Typography>
      <Chosen day={shown} today={today} first={then.data?.first ?? null} />
      {then.error !== null && <Trouble>{then.error.message}</Trouble>}
      {then.data === undefined && then.error === null && <Coming lines={6} height={56} />}
      {then.data !== undefined && then.error === null && (
        <>
          <Box sx={(t) => ({ maxWidth: '46em', mb: 2, color: t.vars?.palette.text.secondary })}>
            {then.data.said} Nothing is recorded here: what happened that day is recorded of the thing itself,
            with that day’s date.
          </Box>
          {filled.length === 0 && <Empty>Nothing was there yet, by anything that is recorded.</Empty>}
          {filled.map(({ place, things }) => (
            <Section key={place} title={`${places[place].title}, ${things.length}`}>
              <Box
                component="ul"
                aria-label={places[place].title}
                sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.25 }}
              >
                {things.map((thing) => (
                  <Was key={thing.tag.code} thing={thing} />
                ))}
              </Box>
            </Section>
          ))}
          {then.data.left !== '' && (
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap' }}>
              <p>{then.data.left}</p>
              {page > 1 && <Link to={`?page=${page - 1}`}>The ones before</Link>}
              <Link to={`?page=${page + 1}`}>The next ones</Link>
            </Box>
          )}
        </>
      )}
    </Box>
  );
}

/** Which day: typed, or a step from the one that is shown. */
function Chosen({ day, today, first }: { day: string; today: string; first: string | null }) {
  const navigate = useNavigate();
  const { day: say } = useSpoken();
  const [typed, setTyped] = useState<string | null>(null);
  const step = (days: number, words: string) => {
    const to = day === '' ? '' : daysFrom(day, days);
    return (
      <Button
        variant="text"
        sx={{ px: 1, minWidth: 0 }}
        disabled={to === '' || to >= today || (first !== null && to < first)}
        onClick={() => void navigate(`/then/${to}`)}
      >
        {words}
      </Button>
    );
  };
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (typed !== null && typed.trim() !== '') void navigate(`/then/${encodeURIComponent(typed.trim())}`);
        setTyped(null);
      }}
      sx={{ display: 'flex', gap: 1, alignItems: 'end', flexWrap: 'wrap', my: 1.5 }}
    >
      <Box sx={{ width: 260 }}>
        <DayInput label="The day" value={typed ?? (day === '' ? '' : say(day))} onChange={setTyped} />
      </Box>
      <Button type="submit">Show it</Button>
      {step(-365, 'Year back')}
      {step(-7, 'Week back')}
      {step(-1, 'Day back')}
      {step(1, 'Day on')}
      {step(7, 'Week on')}
    </Box>
  );
}

function Was({ thing }: { thing: Thing }) {
  return (
    <Box
      component="li"
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '300px 1fr' }, columnGap: 2 }}
    >
      <Box component={Link} to={pageOfCode(thing.tag.code)} sx={{ display: 'block', textDecoration: 'none' }}>
        <Tag tag={thing.tag} dense />
      </Box>
      <Box>
        <Box sx={{ fontWeight: 700 }}>{thing.then ?? 'Nothing of it had been recorded by then'}</Box>
        {thing.believed !== '' && <Box>{thing.believed}</Box>}
        {thing.due.length > 0 && <Box>To do then: {thing.due.join('; ')}.</Box>}
        {thing.now !== '' && (
          <Box sx={(t) => ({ borderLeft: `4px solid ${t.vars?.palette.rule}`, pl: 1, mt: 0.25 })}>
            Known now: {thing.now}
          </Box>
        )}
      </Box>
    </Box>
  );
}
