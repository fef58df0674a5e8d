import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import type { ManyOffer } from '../api/client';
import { useMany } from '../api/queries';
import { Trouble } from '../kit/Section';
import { foot } from '../kit/theme';
import { Acts } from '../record/Acts';
import { ManyForm } from '../record/ManyForm';
import type { Ticks } from './ticking';

/** So many of the acts stand at once. */
const MOST = 2;

/** So many of what is meant by an act are named on its button. */
const NAMED = 3;

/** What can be done with all lines that are ticked: an act for all of them, or their tags. */
export function Ticked({ ticks, order }: { ticks: Ticks; order: string[] }) {
  const { codes } = ticks;
  const { hash } = useLocation();
  const many = useMany(codes);
  const [chosen, setChosen] = useState<string | null>(/^#many-(\w+)$/.exec(hash)?.[1] ?? null);
  if (codes.length === 0 && !ticks.ticking) return null;
  const unseen = codes.filter((code) => !order.includes(code)).length;
  const things = (many.data?.things ?? []).filter(({ tag }) => codes.includes(tag.code));
  const offers = (many.data?.offers ?? []).map((one) => {
    const of = things.filter(({ id }) => one.of.includes(id));
    return {
      one,
      of,
      shown: {
        ...one.offer,
        act: calledOf(
          one,
          of.map(({ tag }) => tag.code),
          codes.length,
        ),
      },
    };
  });
  // What was chosen stays so while more is ticked, or less.
  const open =
    offers.find(({ shown }) => `${shown.kind} ${shown.act}` === chosen) ??
    offers.find(({ shown }) => shown.kind === chosen?.split(' ')[0]);
  const lead = offers.filter(({ of }) => of.length === codes.length).slice(0, MOST);
  return (
    <Box
      component="section"
      aria-label="What is ticked"
      sx={(t) => ({
        my: 1,
        p: { xs: 1, md: 1.5 },
        border: `2px solid ${t.vars?.palette.rule}`,
        borderRadius: `${t.shape.borderRadius}px`,
        bgcolor: t.vars?.palette.background.paper,
        // It goes with the eye down a long list, on a phone above the places; a form is scrolled with the page.
        ...(open === undefined && {
          position: { xs: 'fixed', md: 'sticky' },
          top: { md: 0 },
          bottom: { xs: `calc(${foot}px + env(safe-area-inset-bottom))`, md: 'auto' },
          left: { xs: 0, md: 'auto' },
          right: { xs: 0, md: 'auto' },
          my: { xs: 0, md: 1 },
          zIndex: 3,
        }),
      })}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Box component="b" role="status" sx={{ mr: 1 }}>
          {codes.length === 0
            ? 'Tick the lines that you mean'
            : `${codes.length} ticked${unseen === 0 ? '' : `, ${unseen} not on this page`}`}
        </Box>
        {/* It stands there before word comes of what can be recorded: a thumb is on its way, or a key's focus lies on it. */}
        {open === undefined && codes.length > 0 && (
          <Acts
            called="Record of them …"
            offers={offers.map(({ shown }) => shown)}
            coming={many.data === undefined && many.error === null}
            onChoose={({ kind, act }) => setChosen(`${kind} ${act}`)}
          />
        )}
        {codes.length > 0 && open === undefined && (
          <>
            <Button component={Link} variant="text" to={`/tags?codes=${codes.join(',')}`}>
              Their tags
            </Button>
            <Button variant="text" aria-pressed={ticks.reaching} onClick={ticks.reach}>
              {ticks.reaching ? 'Now tick the last of them' : 'All up to …'}
            </Button>
          </>
        )}
        {open === undefined && (
          <Button variant="text" onClick={() => ticks.set(null)}>
            {codes.length === 0 ? 'Leave it' : 'None'}
          </Button>
        )}
        {open === undefined &&
          lead.map(({ shown }) => (
            <Button
              key={shown.act}
              sx={{ display: { xs: 'none', md: 'inline-flex' } }}
              onClick={() => setChosen(`${shown.kind} ${shown.act}`)}
            >
              {shown.act}
            </Button>
          ))}
      </Box>
      {many.error !== null && <Trouble>{many.error.message}</Trouble>}
      {open !== undefined && (
        <>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 1 }}>
            {open.shown.act}
          </Box>
          <ManyForm
            key={open.shown.kind}
            many={open.one}
            things={open.of}
            onKept={(kept) => {
              const left = codes.filter((code) => !kept.includes(code));
              ticks.set(left.length === 0 ? null : left);
              if (open.of.every(({ tag }) => kept.includes(tag.code))) setChosen(null);
            }}
            onCancel={() => setChosen(null)}
          />
        </>
      )}
    </Box>
  );
}

/** What can be done with some of them alone says with which. */
function calledOf({ offer }: ManyOffer, of: string[], all: number): string {
  if (of.length === all) return offer.act;
  return of.length <= NAMED ? `${offer.act}: ${of.join(', ')}` : `${offer.act}: ${of.length} of the ${all}`;
}
