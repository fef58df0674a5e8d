import { useIsFetching, useQueryClient } from '@tanstack/react-query';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useColorScheme } from '@mui/material/styles';
import { useEffect, useRef, useState, useMemo } from 'react';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import type { Frame as FrameWords } from '../api/client';
import { mayPass } from '../api/client';
import { goTo, isInDemo } from '../api/garden';
import { useKnownSince } from '../api/known';
import { useResumed } from '../api/outbox';
import { useRoom } from '../api/room';
import { useFrame } from '../api/queries';
import { useLook } from '../api/look';
import { pageNames } from './places';
import { weekday, wordsIn } from '../kit/words';
import { SpokenIn, useSpoken } from '../kit/spoken';
import { BenchBell } from './BenchBell';
import { Belt } from './Belt';
import { Broken } from '../kit/Broken';
import { clockAt } from '../kit/clock';
import { Coming } from '../kit/Coming';
import { toFind } from './find';
import { Find } from './FindLater';
import { Keys } from './Keys';
import { LineKey } from './LineKey';
import { Places } from './Places';
import { Reading, unitsOf } from './Reading';
import { Trouble } from '../kit/Section';
import { NotKept, Resumed } from './ToBeSent';
import { foot } from '../kit/theme';

/** What stands round every page: the garden's name, finding, the belt, the places. */
export function Frame() {
  const frame = useFrame();
  const {
    day_form: days,
    hour_form: hours,
    units,
    season_from: seasonFrom,
    sowing_in: sowingIn,
  } = frame.data ?? {};
  const spoken = useMemo(
    () =>
      wordsIn({
        days: days ?? 'words',
        hours: hours ?? 'h24',
        units: units ?? 'metric',
        seasonFrom,
        sowingIn,
      }),
    [days, hours, units, seasonFrom, sowingIn],
  );
  const client = useQueryClient();
  const wasAway = useRef(false);
  useEffect(() => {
    // What could not be had meanwhile is asked for again as soon as anything can.
    if (wasAway.current && frame.error === null) void client.invalidateQueries();
    wasAway.current = frame.error !== null;
  }, [client, frame.error]);
  const wasBehind = useRef(false);
  const behind = frame.data?.behind ?? 0;
  useEffect(() => {
    // What the lists were behind with is done: what is on the page is asked for again.
    if (wasBehind.current && behind === 0) void client.invalidateQueries();
    wasBehind.current = behind > 0;
  }, [client, behind]);
  // What is on its way for the first time; what is only asked for again stands there already.
  const waiting = useIsFetching({ predicate: ({ state }) => state.status === 'pending' }) > 0;
  const [keysShown, setKeysShown] = useState(false);
  const { pathname } = useLocation();
  useShortcuts(() => setKeysShown(true));
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);

  return (
    <SpokenIn value={spoken}>
      <Box
        sx={{
          minHeight: '100vh',
          display: 'flex',
          flexDirection: 'column',
          pb: { xs: `calc(${foot}px + env(safe-area-inset-bottom))`, md: 0 },
          '@media print': { display: 'block', minHeight: 0, pb: 0 },
        }}
      >
        <PastTheLists />
        <Box component="header" sx={{ '@media print': { display: 'none' } }}>
          <Head frame={frame.data} onKeys={() => setKeysShown(true)} />
          {frame.data !== undefined ? (
            <Belt frame={frame.data} />
          ) : (
            // As high as the belt is: what stands below it does not move when it comes.
            <Box sx={(t) => ({ height: 54, borderBottom: `2px solid ${t.vars?.palette.rule}` })} />
          )}
          {isInDemo() && <InDemo />}
          {behind > 0 && <Behind />}
          <NoNetwork />
          <NoRoom />
          <Resumed />
          <NotKept />
          {frame.data?.looking_ahead === true && <LookingAhead frame={frame.data} />}
        </Box>
        {frame.error !== null && (
          <Trouble>
            {frame.error.message}{' '}
            {mayPass(frame.error) ? (
              <>
                Marrow goes on by itself when that is over.{' '}
                <Box component={Link} to="/books/copies" sx={{ color: 'inherit' }}>
                  Copies of the garden
                </Box>
              </>
            ) : (
              <Box component={Link} to={pathname} sx={{ color: 'inherit' }}>
                As it is today
              </Box>
            )}
          </Trouble>
        )}
        <Box sx={{ flex: 1, display: 'flex', minWidth: 0, '@media print': { display: 'block' } }}>
          <Places counts={frame.data?.places ?? []} handsToday={frame.data?.hands_today ?? 0} />
          <Box
            component="main"
            aria-busy={waiting}
            tabIndex={-1}
            sx={{ outline: 'none', flex: 1, minWidth: 0, '@media print': { p: 0 } }}
          >
            {(frame.data !== undefined || pathname === '/books/copies') && (
              <Broken key={pathname}>
                <Reading units={unitsOf(frame.data)} metric={units !== 'us'}>
                  <Outlet />
                </Reading>
              </Broken>
            )}
            {frame.data === undefined && frame.error === null && <Coming lines={6} height={48} page />}
          </Box>
        </Box>
        <LineKey />
        {frame.data?.rings === true && frame.data.looking_ahead === false && <BenchBell />}
        <Keys open={keysShown} onClose={() => setKeysShown(false)} />
      </Box>
    </SpokenIn>
  );
}

/** Where whoever looks at the demo garden is, and the way home. */
function InDemo() {
  return (
    <Box
      role="status"
      sx={(t) => ({
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 2,
        px: 2,
        py: 0.5,
        borderBottom: `2px solid ${t.vars?.palette.rule}`,
        bgcolor: t.vars?.palette.quiet,
      })}
    >
      <span>
        <b>This is the demo garden.</b> It is always this day here, and nothing that you try touches your own.
      </span>
      <Button onClick={() => goTo('own')}>Back to my garden</Button>
    </Box>
  );
}

/** Where the server does not answer the pages show what it said last; what is recorded waits. */
function NoNetwork() {
  const since = useKnownSince();
  const { shortDay, hour } = useSpoken();
  if (since === undefined) return null;
  const at = clockAt(new Date(since));
  return (
    <Box
      role="status"
      sx={(t) => ({ px: 2, py: 0.5, borderBottom: `2px solid ${t.vars?.palette.caution.main}` })}
    >
      <b>{navigator.onLine ? 'No answer from the garden.' : 'No network.'}</b> As known {shortDay(at)},{' '}
      {hour(at)}. What you record waits.
    </Box>
  );
}

/** Before a full device loses what somebody recorded. */
function NoRoom() {
  const room = useRoom();
  const isWaiting = useResumed().length > 0;
  const isAway = useKnownSince() !== undefined;
  if (room === 'enough' || (room === 'none' && !isWaiting && !isAway)) return null;
  return (
    <Box
      role="alert"
      sx={(t) => ({ px: 2, py: 0.5, borderBottom: `2px solid ${t.vars?.palette.caution.main}` })}
    >
      {room === 'little' ? (
        <>
          <b>This device is nearly full.</b> Make room on it, or go where there is network: soon it can keep
          nothing that waits.
        </>
      ) : (
        <>
          <b>This device keeps nothing more.</b> What waits is lost if this page is closed before it is sent.
        </>
      )}
    </Box>
  );
}

/** After a setting or a figure that bears on much: the sheets say already what the lists will. */
function Behind() {
  return (
    <Box role="status" sx={(t) => ({ px: 2, py: 0.5, borderBottom: `2px solid ${t.vars?.palette.quiet}` })}>
      The lists are just being reckoned afresh; open sheets are right already.
    </Box>
  );
}

/** The first thing that Tab comes to: whoever has no mouse need not walk through the belt and the list. */
function PastTheLists() {
  return (
    <Button
      variant="contained"
      onClick={() => (document.getElementById('sheet') ?? document.querySelector('main'))?.focus()}
      sx={{
        position: 'absolute',
        left: 8,
        top: 8,
        zIndex: 1300,
        '&:not(:focus-visible)': { clipPath: 'inset(50%)', pointerEvents: 'none' },
      }}
    >
      To the open sheet
    </Button>
  );
}

function Head({ frame, onKeys }: { frame: FrameWords | undefined; onKeys: () => void }) {
  const { day, shortDay } = useSpoken();
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <Box
      sx={{
        position: 'relative',
        minHeight: { xs: 63, md: 0 },
        display: 'flex',
        alignItems: 'center',
        gap: { xs: 1, md: 2 },
        px: { xs: 1.5, md: 2 },
        py: 1,
      }}
    >
      <Box sx={{ minWidth: 0, flex: { xs: 1, md: 'none' }, overflow: 'hidden' }}>
        <Box
          component="span"
          sx={{ typography: 'h2', display: { xs: 'block', md: 'inline' }, whiteSpace: 'nowrap' }}
        >
          {frame?.garden ?? 'Marrow'}
        </Box>
        <Box
          component="span"
          sx={(t) => ({ ml: { md: 1.5 }, color: t.vars?.palette.text.secondary, whiteSpace: 'nowrap' })}
        >
          {frame !== undefined && (
            <>
              <Box component="span" sx={{ display: { md: 'none' } }}>
                {weekday(frame.now).slice(0, 3)} {shortDay(frame.now)}
              </Box>
              <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
                {weekday(frame.now)} {day(frame.now)}
              </Box>
            </>
          )}
        </Box>
      </Box>
      <Box sx={{ flex: 1, display: { xs: 'none', md: 'block' } }} />
      <Find />
      <Button
        sx={{ px: 1.5, whiteSpace: 'nowrap' }}
        onClick={() => setMode(dark ? 'light' : 'dark')}
        aria-label={dark ? 'Show in daylight colours' : 'Show in evening colours'}
      >
        {dark ? 'Day' : 'Evening'}
      </Button>
      <Button
        sx={{ minWidth: 44, px: 0, display: { xs: 'none', md: 'inline-flex' } }}
        onClick={onKeys}
        aria-label="Keys"
      >
        ?
      </Button>
    </Box>
  );
}

/** Says plainly that this is not today, and that nothing can be recorded here. */
function LookingAhead({ frame }: { frame: FrameWords }) {
  const { day } = useSpoken();
  const { lookTo } = useLook();
  return (
    <Box
      role="status"
      sx={(t) => ({
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 2,
        px: 2,
        py: 0.75,
        borderBottom: `2px solid ${t.vars?.palette.rule}`,
        backgroundImage: `repeating-linear-gradient(-45deg, transparent 0 10px, ${t.vars?.palette.quiet} 10px 20px)`,
      })}
    >
      <Box
        component="span"
        sx={(t) => ({ fontWeight: 700, bgcolor: t.vars?.palette.background.default, px: 1 })}
      >
        Looking ahead to {weekday(frame.on)} {day(frame.on)}: as things will stand if nothing is done. Nothing
        can be recorded here.
      </Box>
      <Button variant="contained" onClick={() => lookTo(undefined)}>
        Back to today
      </Button>
    </Box>
  );
}

/** Keys that work from anywhere but inside a field. */
function useShortcuts(showKeys: () => void) {
  const navigate = useNavigate();
  const { at, lookTo } = useLook();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (target.closest('input, textarea, select, [role="combobox"], [role="dialog"]') !== null) return;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const page = pageNames[Number(event.key) - 1];
      if (page !== undefined) void navigate(at(`/${page}`));
      else if (event.key === 'Home') lookTo(undefined);
      else if (event.key === '?') showKeys();
      else if (event.key === '/') toFind();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate, at, lookTo, showKeys]);
}
