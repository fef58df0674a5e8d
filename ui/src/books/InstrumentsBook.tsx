import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take, type Instrument, type Saved } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards, useFrame, useHolder, useInstrument, useInstruments, useWrite } from '../api/queries';
import { connectScale, hasSerial, isConnected } from '../api/serialScale';
import { DaysChart } from '../charts/DaysChart';
import { Coming } from '../kit/Coming';
import type { Values } from '../kit/FieldGrid';
import { FileButton } from '../kit/FileButton';
import { useSay } from '../kit/Said';
import { Caution, Empty, Section, Trouble } from '../kit/Section';
import { fromFile } from '../kit/spreadsheet';
import { ThingForm } from '../record/ThingForm';
import { places } from '../shell/places';

/** Everything that measures here: how it goes with it, and what it told. */
export function InstrumentsBook() {
  const instruments = useInstruments();
  const [open, setOpen] = useState<string | null>(null);
  const mayChange = may(usePresent(), 'keeper');
  const close = () => {
    setOpen(null);
    void instruments.refetch();
  };
  if (instruments.error !== null) return <Trouble>{instruments.error.message}</Trouble>;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0 }}>
        Instruments
      </Box>
      <p style={{ maxWidth: '46em', marginTop: 0 }}>
        A scale, a logger, the weather. Wherever a figure of their unit is asked, <b>Read</b> or the key{' '}
        <b>=</b> fills it in. A place’s air follows the logger that hangs there.
      </p>
      {instruments.data === undefined && <Coming lines={3} height={60} />}
      {instruments.data?.length === 0 && <Empty>None yet. Everything can be typed as before.</Empty>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {(instruments.data ?? []).map((one) => (
          <Box
            component="li"
            key={one.id}
            sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, py: 1 })}
          >
            {open === one.id ? (
              <InstrumentForm instrument={one} onSaved={close} onCancel={close} />
            ) : (
              <Line one={one} onChange={mayChange ? () => setOpen(one.id) : undefined} />
            )}
          </Box>
        ))}
      </Box>
      {mayChange &&
        (open === 'new' ? (
          <InstrumentForm onSaved={close} onCancel={close} />
        ) : (
          <Button sx={{ my: 2, mr: 1 }} onClick={() => setOpen('new')}>
            Add an instrument
          </Button>
        ))}
      <OnThisDevice />
    </Box>
  );
}

function Line({ one, onChange }: { one: Instrument; onChange?: () => void }) {
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1 }}>
        <Box component={Link} to={`/books/instruments/${one.id}`} sx={{ color: 'inherit', fontWeight: 700 }}>
          {one.name}
        </Box>
        <Box sx={(t) => ({ flex: 1, color: t.vars?.palette.text.secondary })}>
          {[one.said, one.place, one.errs].filter(Boolean).join(', ')}
        </Box>
        {onChange !== undefined && (
          <Button variant="text" onClick={onChange} aria-label={`Change ${one.name}`}>
            Change
          </Button>
        )}
      </Box>
      {one.trouble !== null && <Trouble>{one.trouble}</Trouble>}
      <Box>{one.heard === null ? 'It has told nothing yet.' : `It told something last ${one.heard}.`}</Box>
      {one.record !== null && <Box sx={{ maxWidth: '46em' }}>{one.record}</Box>}
    </>
  );
}

function InstrumentForm({
  instrument,
  onSaved,
  onCancel,
}: {
  instrument?: Instrument;
  onSaved: (saved: Saved) => void;
  onCancel: () => void;
}) {
  const say = useSay();
  const remove = useWrite((id: string) =>
    take(api.POST('/instruments/{id}/remove', { params: { path: { id } }, body: {} as never })),
  );
  return (
    <Box
      role="group"
      aria-label={instrument === undefined ? 'A new instrument' : `Change ${instrument.name}`}
      sx={(t) => ({ border: `2px solid ${t.vars?.palette.quiet}`, px: 1.5, my: 1 })}
    >
      <ThingForm
        name="instrument"
        thing={
          instrument === undefined ? undefined : { id: instrument.id, typed: instrument.typed as Values }
        }
        add="Add this instrument"
        save={(id, typed) => {
          const body = { id, ...typed } as never;
          return instrument === undefined
            ? take(api.POST('/instruments', { body }))
            : take(api.PUT('/instruments/{id}', { params: { path: { id } }, body }));
        }}
        onSaved={onSaved}
        onCancel={onCancel}
      />
      {instrument !== undefined && (
        <Button
          variant="text"
          disabled={remove.isPending}
          onClick={() =>
            void afterwards(remove.mutateAsync(instrument.id), (saved) => {
              say(saved.said);
              onSaved(saved);
            })
          }
        >
          Take it down
        </Button>
      )}
    </Box>
  );
}

/** Browsers that know ports ask a scale that hangs on this very device. */
function OnThisDevice() {
  const [connected, setConnected] = useState(isConnected);
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!hasSerial()) return null;
  return (
    <Section title="A scale on this device">
      {trouble !== null && <Trouble>{trouble}</Trouble>}
      {connected ? (
        <Box>It is connected, and is asked first.</Box>
      ) : (
        <Button
          onClick={() =>
            void connectScale()
              .then(() => setConnected(isConnected()))
              .catch((error: unknown) =>
                setTrouble(error instanceof Error ? error.message : 'It could not be opened.'),
              )
          }
        >
          Choose its port
        </Button>
      )}
    </Section>
  );
}

/** A list of days that somebody wrote down, or a station kept. */
function DaysGoneBy({ id }: { id: string }) {
  const say = useSay();
  const read = useWrite(async (file: File) =>
    take(
      api.POST('/instruments/{id}/list', {
        params: { path: { id } },
        body: { rows: (await fromFile(file))[0]?.table ?? [] },
      }),
    ),
  );
  return (
    <Box sx={{ mb: 1 }}>
      <FileButton
        label="A list of days"
        variant="text"
        disabled={read.isPending}
        onFile={(file) => void afterwards(read.mutateAsync(file), (saved) => say(saved.said))}
      >
        Bring in a list of days
      </FileButton>
      {read.error !== null && <Trouble>{read.error.message}</Trouble>}
    </Box>
  );
}

const SPANS = [
  { months: 1, label: 'a month' },
  { months: 12, label: 'a year' },
  { months: 120, label: 'ten years' },
];

/** What one instrument told over a time. */
export function InstrumentLeaf({ id }: { id: string }) {
  const frame = useFrame();
  const [months, setMonths] = useState(12);
  const from = dayjs(frame.data?.on).subtract(months, 'month').format('YYYY-MM-DD');
  const drawn = useInstrument(id, from);
  const mayChange = may(usePresent(), 'keeper');
  const holding = useHolder(drawn.data?.instrument.place_id ?? '');
  if (drawn.error !== null) return <Trouble>{drawn.error.message}</Trouble>;
  if (drawn.data === undefined) return <Coming lines={6} height={40} />;
  const { instrument, measures } = drawn.data;
  const done = (holding.data?.entries ?? [])
    .filter(({ struck }) => !struck)
    .map(({ happened_at, title }) => ({ day: happened_at.slice(0, 10), says: title }));
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0, mb: 0.5 }}>
        {instrument.name}
      </Box>
      <Box sx={{ mb: 1 }}>
        {[instrument.said, instrument.place, instrument.errs].filter(Boolean).join(', ')}
      </Box>
      {instrument.trouble !== null && <Caution>{instrument.trouble}</Caution>}
      {instrument.record !== null && <p style={{ maxWidth: '46em' }}>{instrument.record}</p>}
      {instrument.kind !== 'scale' && mayChange && <DaysGoneBy id={id} />}
      {measures.length === 0 && (
        <Empty>
          {instrument.kind === 'scale'
            ? 'What it weighs goes straight into the field that asks, and is kept nowhere else.'
            : 'It has told nothing in this time.'}
        </Empty>
      )}
      {measures.length > 0 && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }} role="group" aria-label="How long">
          {SPANS.map((span) => (
            <Button
              key={span.months}
              variant={span.months === months ? 'contained' : 'outlined'}
              aria-pressed={span.months === months}
              onClick={() => setMonths(span.months)}
            >
              {span.label}
            </Button>
          ))}
        </Box>
      )}
      {measures.map((measure) => (
        <Section key={measure.measure} title={`${measure.label}, ${measure.unit}`}>
          {measure.now !== null && <Box sx={{ fontWeight: 700 }}>{measure.now}</Box>}
          <DaysChart measure={measure} fill={places.store.enamel} done={done} />
          <Box sx={(t) => ({ fontSize: '0.875rem', color: t.vars?.palette.text.secondary })}>
            {measure.measure === 'rain'
              ? 'What fell each day.'
              : 'From the least to the greatest of each day; the line is its mean.'}
          </Box>
        </Section>
      ))}
    </Box>
  );
}
