import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Popover from '@mui/material/Popover';
import Tooltip from '@mui/material/Tooltip';
import useMediaQuery from '@mui/material/useMediaQuery';
import { memo, useCallback, useRef, useState, type KeyboardEvent, type ReactElement } from 'react';
import type { BeltWeek, Frame } from '../api/client';
import { useNavigate } from 'react-router';
import { useLook } from '../api/look';
import { heading } from '../kit/theme';
import { monthName, plural, weekday } from '../kit/words';
import { useSpoken } from '../kit/spoken';

/** On a phone a week must still be wide enough for a thumb, so only the next months are shown. */
const NARROW_WEEKS = { behind: 1, shown: 9 };

/**
 * The year in weeks across the top of every page, with today's notch and a mark for what falls due. Picking a week
 * opens its days; picking a day shows every place as it will stand then, or as it stood.
 */
export function Belt({ frame }: { frame: Frame }) {
  const narrow = useMediaQuery('(max-width: 720px)');
  const today = frame.now.slice(0, 10);
  const [open, setOpen] = useState<{ week: BeltWeek; anchor: HTMLElement } | null>(null);
  const openDays = useCallback((week: BeltWeek, anchor: HTMLElement) => setOpen({ week, anchor }), []);
  const { lookTo } = useLook();
  const navigate = useNavigate();
  return (
    <Box component="nav" aria-label="The year in weeks" sx={{ '@media print': { display: 'none' } }}>
      {/* Said in another form, a week is another, though nothing due in it is. */}
      <Weeks
        key={frame.day_form}
        weeks={frame.belt}
        today={today}
        on={frame.on}
        narrow={narrow}
        onOpen={openDays}
      />
      <Popover
        open={open !== null}
        anchorEl={open?.anchor}
        onClose={() => setOpen(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
        transformOrigin={{ vertical: 'top', horizontal: 'center' }}
      >
        {open !== null && (
          <Days
            week={open.week}
            today={today}
            onPick={(day) => {
              setOpen(null);
              // What was is another page: nothing is to be done there.
              if (day < today) void navigate(`/then/${day}`);
              else lookTo(day === today ? undefined : day);
            }}
          />
        )}
      </Popover>
    </Box>
  );
}

/** A year of weeks is drawn anew only when something in it is another: it stands on every page. */
const Weeks = memo(function Weeks({
  weeks: all,
  today,
  on,
  narrow,
  onOpen,
}: {
  weeks: BeltWeek[];
  today: string;
  on: string;
  narrow: boolean;
  onOpen: (week: BeltWeek, anchor: HTMLElement) => void;
}) {
  const weeks = shown(all, today, narrow);
  const row = useRef<HTMLDivElement>(null);

  /** Arrow keys walk along the belt; only one week at a time is in the order of tabs. */
  const walk = (event: KeyboardEvent, index: number) => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    row.current?.querySelectorAll<HTMLElement>('[data-week]')[index + step]?.focus();
  };

  return (
    <Telling weeks={weeks}>
      <Box
        ref={row}
        sx={(t) => ({
          display: 'grid',
          gridTemplateColumns: `repeat(${weeks.length}, 1fr)`,
          borderBottom: `2px solid ${t.vars?.palette.rule}`,
        })}
      >
        {weeks.map((week, index) => (
          <Week
            key={week.starts}
            week={week}
            month={monthOf(week, weeks[index - 1], weeks[index + 1])}
            today={today}
            on={on}
            onWalk={(event) => walk(event, index)}
            onOpen={(anchor) => onOpen(week, anchor)}
          />
        ))}
      </Box>
    </Telling>
  );
});

/** One note for whichever week is pointed at: one for each would be most of what there is on a page. */
function Telling({ weeks, children }: { weeks: BeltWeek[]; children: ReactElement }) {
  const [told, setTold] = useState<{ week: BeltWeek; anchor: HTMLElement } | null>(null);
  const tellOf = ({ target }: { target: EventTarget }) => {
    const anchor = (target as HTMLElement).closest<HTMLElement>('[data-week]');
    const week = weeks.find(({ starts }) => starts === anchor?.dataset['week']);
    if (anchor !== null && week !== undefined && week !== told?.week) setTold({ week, anchor });
  };
  return (
    <Tooltip
      enterDelay={150}
      describeChild
      title={told === null ? '' : <Told week={told.week} />}
      slotProps={{ popper: { anchorEl: told?.anchor } }}
    >
      <Box onMouseOver={tellOf} onFocus={tellOf}>
        {children}
      </Box>
    </Tooltip>
  );
}

/** What falls due in a week, day by day. */
function Told({ week }: { week: BeltWeek }) {
  const { shortDay } = useSpoken();
  const marks = week.days.flatMap((d) => d.marks.map((mark) => `${shortDay(d.date)}: ${mark}`));
  const more = week.count - Math.min(marks.length, 8);
  return (
    <Box sx={{ whiteSpace: 'pre-line' }}>
      <b>Week of {shortDay(week.starts)}</b>
      {`\n${marks.slice(0, 8).join('\n') || 'Nothing due'}`}
      {more > 0 && `\nand ${more} more`}
    </Box>
  );
}

function Week({
  week,
  month,
  today,
  on,
  onWalk,
  onOpen,
}: {
  week: BeltWeek;
  month: string;
  today: string;
  on: string;
  onWalk: (event: KeyboardEvent) => void;
  onOpen: (anchor: HTMLElement) => void;
}) {
  const { shortDay } = useSpoken();
  const holds = (day: string) => week.days.some(({ date }) => date === day);
  const isNow = holds(today);
  const isOn = holds(on) && on !== today;
  const past = week.starts < today && !isNow;
  const says = week.count === 0 ? 'nothing due' : plural(week.count, 'thing') + ' due';
  return (
    <Box
      component="button"
      data-week={week.starts}
      aria-label={`Week of ${shortDay(week.starts)}, ${says}${isNow ? ', this week' : ''}`}
      tabIndex={isNow ? 0 : -1}
      onKeyDown={onWalk}
      onClick={(event) => onOpen(event.currentTarget as HTMLElement)}
      sx={(t) => ({
        all: 'unset',
        boxSizing: 'border-box',
        position: 'relative',
        height: 52,
        cursor: 'pointer',
        borderLeft: `1px solid ${month !== '' ? t.vars?.palette.rule : t.vars?.palette.quiet}`,
        bgcolor: isOn ? t.vars?.palette.quiet : undefined,
        '&:hover': { bgcolor: t.vars?.palette.quiet },
        '&:focus-visible': { outline: '3px solid #1766c2', outlineOffset: -3 },
      })}
    >
      {month !== '' && (
        <Box
          component="span"
          sx={(t) => ({
            position: 'absolute',
            top: 2,
            left: 4,
            fontFamily: heading,
            fontWeight: 600,
            fontSize: '1rem',
            lineHeight: 1.2,
            color: t.vars?.palette.text.secondary,
            whiteSpace: 'nowrap',
            zIndex: 1,
            bgcolor: t.vars?.palette.background.default,
            pointerEvents: 'none',
          })}
        >
          {month}
        </Box>
      )}
      {week.count > 0 && (
        <Box
          component="span"
          sx={(t) => ({
            position: 'absolute',
            bottom: 9,
            left: '50%',
            transform: 'translateX(-50%)',
            width: 10,
            // The more falls due, the taller the mark; a full week never outgrows the belt.
            height: Math.min(20, 6 + week.count * 2),
            bgcolor: past ? t.vars?.palette.text.secondary : t.vars?.palette.text.primary,
            opacity: past ? 0.6 : 1,
          })}
        />
      )}
      {isNow && (
        <Box
          component="span"
          sx={(t) => ({
            position: 'absolute',
            bottom: -2,
            left: '50%',
            transform: 'translateX(-50%)',
            borderInline: '9px solid transparent',
            borderBottom: `9px solid ${t.vars?.palette.text.primary}`,
          })}
        />
      )}
    </Box>
  );
}

function Days({ week, today, onPick }: { week: BeltWeek; today: string; onPick: (day: string) => void }) {
  const { shortDay } = useSpoken();
  return (
    <Box sx={{ p: 1, display: 'grid', gap: 0.5, width: 340, maxWidth: '92vw' }}>
      {week.days.map((d) => {
        const past = d.date < today;
        return (
          <Button
            key={d.date}
            variant="text"
            onClick={() => onPick(d.date)}
            sx={{
              justifyContent: 'start',
              textAlign: 'left',
              gap: 1.5,
              px: 1,
              fontFamily: 'inherit',
              fontWeight: 400,
              opacity: past ? 0.75 : 1,
            }}
          >
            <Box
              component="span"
              sx={{
                width: 104,
                flexShrink: 0,
                whiteSpace: 'nowrap',
                fontWeight: d.date === today ? 700 : 400,
              }}
            >
              {weekday(d.date).slice(0, 3)} {shortDay(d.date)}
            </Box>
            <Box component="span" sx={{ lineHeight: 1.25 }}>
              {d.date === today && <b>today </b>}
              {past && d.count === 0 && 'as it was'}
              {d.marks.join('; ')}
              {d.count > d.marks.length && `; and ${d.count - d.marks.length} more`}
            </Box>
          </Button>
        );
      })}
    </Box>
  );
}

function shown(weeks: BeltWeek[], today: string, narrow: boolean): BeltWeek[] {
  if (!narrow) return weeks;
  const now = weeks.findIndex((week) => week.days.some(({ date }) => date === today));
  const from = Math.max(0, now - NARROW_WEEKS.behind);
  return weeks.slice(from, from + NARROW_WEEKS.shown);
}

/** The month's name on the first week that begins in it; not where only its last week is shown, which has no room for it. */
function monthOf(week: BeltWeek, before: BeltWeek | undefined, after: BeltWeek | undefined): string {
  const of = (one: BeltWeek) => Number(one.starts.slice(5, 7));
  const month = of(week);
  if (before === undefined ? after !== undefined && of(after) !== month : of(before) === month) return '';
  return monthName(month - 1).slice(0, 3);
}
