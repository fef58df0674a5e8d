import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, Refused, take, type HeldLot, type Holding } from '../api/client';
import { afterwards, useHolder, useInstruments, useWrite } from '../api/queries';
import { useLook } from '../api/look';
import { Coming } from '../kit/Coming';
import { FileButton } from '../kit/FileButton';
import { useSay } from '../kit/Said';
import { Empty, Section, Trouble } from '../kit/Section';
import { SaveAs } from '../kit/SaveAs';
import { fromFile } from '../kit/spreadsheet';
import { plural } from '../kit/words';
import { ContainerForm } from '../record/ContainerForm';
import { JournalLines } from '../record/JournalLines';
import { Offers } from '../record/Offers';
import { PlaceForm } from '../record/PlaceForm';
import { TaskLine } from '../shell/TaskLine';
import { TickBox } from '../shell/TickBox';
import { Ticked } from '../shell/Ticked';
import { useTicks } from '../shell/ticking';
import { StockWalk } from './StockWalk';
import { within } from './within';

/** A place or a container: where it is, what lies in it, and what can be done with all of that at once. */
export function HolderSheet({ id }: { id: string }) {
  const holding = useHolder(id);
  const { on } = useLook();
  const [doing, setDoing] = useState<'walk' | 'change' | null>(null);
  if (holding.error !== null) return <Trouble>{holding.error.message}</Trouble>;
  if (holding.data === undefined) return <Coming lines={7} />;
  const { holder, containers, lots, offers, tasks, entries } = holding.data;
  const done = () => setDoing(null);
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
        {holder.name}
      </Box>
      <Box sx={{ mb: 1 }}>
        {holder.subject === 'container' && holder.path !== holder.name && (
          <Box component="span" sx={{ fontWeight: 700 }}>
            {holder.path}
            {' · '}
          </Box>
        )}
        {holder.said}
        {holder.subject === 'container' && holder.in === '' && ' · nobody has said where it is'}
      </Box>
      {holder.subject === 'place' && <Hanging place={id} />}
      {tasks.map((task) => (
        <Box key={task.id} sx={{ mb: 1.5 }}>
          <TaskLine task={task} />
        </Box>
      ))}
      {on === undefined && doing === null && (
        <>
          <Offers
            about={{ subject: holder.subject, id }}
            offers={offers}
            leading={holder.in === '' && holder.subject === 'container'}
          />
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
            {lots.length > 0 && <Button onClick={() => setDoing('walk')}>Take stock of it</Button>}
            {holder.subject === 'place' && <Logger id={id} />}
            <Button variant="text" onClick={() => setDoing('change')}>
              Change
            </Button>
            <Remove id={id} />
          </Box>
        </>
      )}
      {doing === 'change' && <Change holding={holding.data} onDone={done} />}
      {doing === 'walk' ? (
        <StockWalk lots={lots} onDone={done} />
      ) : (
        <Section
          title={`${plural(lots.length, 'lot')} in it`}
          action={
            lots.length > 0 && (
              <SaveAs
                title={holder.name}
                table={() => [
                  ['Code', 'Crop', 'Variety', 'Ripened in', 'Amount', 'Kept in a', 'Place'],
                  ...lots.map(({ tag, amount, kind, path }) => [
                    tag.code,
                    tag.crop,
                    tag.variety,
                    tag.year === null ? '' : String(tag.year),
                    amount.replaceAll('\u00A0', ' '),
                    kind,
                    path,
                  ]),
                ]}
              />
            )
          }
        >
          {containers.length > 0 && (
            <Box component="ul" aria-label="Containers in it" sx={{ listStyle: 'none', m: 0, mb: 1, p: 0 }}>
              {containers.map((box) => (
                <Box component="li" key={box.id} sx={{ py: 0.25 }}>
                  <Box
                    component={Link}
                    to={`/store/where/${box.id}`}
                    sx={{ color: 'inherit', fontWeight: 700 }}
                  >
                    {box.name}
                  </Box>
                  , {box.said}: {plural(box.lots, 'lot')}
                </Box>
              ))}
            </Box>
          )}
          {lots.length === 0 && <Empty>Nothing lies in it.</Empty>}
          <Lots lots={lots} path={holder.path} fixed={on !== undefined} />
        </Section>
      )}
      <Section title="Journal">
        {entries.length === 0 ? (
          <Empty>Nothing has been recorded of it.</Empty>
        ) : (
          <JournalLines entries={entries} about={{ subject: holder.subject, id }} />
        )}
      </Section>
    </Box>
  );
}

/** What measures the air of a place, and the way to what it told. */
function Hanging({ place }: { place: string }) {
  const there = (useInstruments().data ?? []).filter(({ place_id }) => place_id === place);
  if (there.length === 0) return null;
  return (
    <Box sx={{ mb: 1 }}>
      Its air over the year:{' '}
      {there.map(({ id, name }, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Box component={Link} to={`/books/instruments/${id}`} sx={{ color: 'inherit' }}>
            {name}
          </Box>
        </span>
      ))}
    </Box>
  );
}

function Lots({ lots, path, fixed }: { lots: HeldLot[]; path: string; fixed: boolean }) {
  const ticks = useTicks();
  const order = [...new Set(lots.map(({ tag }) => tag.code))];
  return (
    <>
      {!fixed && ticks.codes.length > 0 && <Ticked ticks={ticks} order={order} />}
      <Box component="ul" aria-label="Lots in it" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {lots.map((lot) => (
          <Box
            component="li"
            key={`${lot.lot} ${lot.container}`}
            sx={(t) => ({
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
              py: 0.5,
              display: 'grid',
              columnGap: 1,
              alignItems: 'center',
              // On a phone the code and name, and under it how much there is of it in what.
              gridTemplateColumns: {
                xs: '24px max-content 1fr',
                sm: '24px 2fr 1fr 1.6fr',
                lg: '24px minmax(0, 1fr) 10em 12em',
              },
            })}
          >
            <Box sx={{ gridRow: { xs: 'span 2', sm: 'auto' }, lineHeight: 0 }}>
              {!fixed && <TickBox code={lot.tag.code} order={order} ticks={ticks} />}
            </Box>
            <Box
              component={Link}
              to={`/lots/${lot.tag.code}`}
              sx={{ color: 'inherit', gridColumn: { xs: '2 / -1', sm: 'auto' } }}
            >
              {lot.tag.code} <b>{lot.tag.variety}</b>, {lot.tag.crop.toLowerCase()}
              {lot.tag.year !== null && ` ${lot.tag.year}`}
            </Box>
            <span>{lot.amount}</span>
            <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
              {lot.kind}
              {within(lot.path, path) !== '' && `, in ${within(lot.path, path)}`}
              {lot.cold !== null && (
                <Box component="b" sx={(t) => ({ color: t.vars?.palette.error.main })}>
                  {' '}
                  leave it shut until {lot.cold}
                </Box>
              )}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}

function Change({ holding, onDone }: { holding: Holding; onDone: () => void }) {
  const { holder, typed } = holding;
  const thing = { id: holder.id, name: holder.name, said: holder.said, typed };
  return holder.subject === 'place' ? (
    <PlaceForm place={thing} onSaved={onDone} onCancel={onDone} />
  ) : (
    <ContainerForm container={thing} onSaved={onDone} onCancel={onDone} />
  );
}

/** What a logger in the place wrote down, as a file. */
function Logger({ id }: { id: string }) {
  const say = useSay();
  const read = useWrite(async (file: File) =>
    take(
      api.POST('/holders/{id}/readings', {
        params: { path: { id } },
        body: { rows: (await fromFile(file))[0]?.table ?? [] },
      }),
    ),
  );
  return (
    <>
      <FileButton
        label="What a logger wrote down"
        variant="text"
        disabled={read.isPending}
        onFile={(file) => void afterwards(read.mutateAsync(file), (saved) => say(saved.said))}
      >
        Bring in a logger’s file
      </FileButton>
      {read.error !== null && <Trouble>{read.error.message}</Trouble>}
    </>
  );
}

/** It is no more; what was recorded of it stays. */
function Remove({ id }: { id: string }) {
  const say = useSay();
  const navigate = useNavigate();
  const remove = useWrite(() =>
    take(api.POST('/holders/{id}/remove', { params: { path: { id } }, body: {} as never })),
  );
  return (
    <>
      <Button
        variant="text"
        disabled={remove.isPending}
        onClick={() =>
          void afterwards(remove.mutateAsync(undefined), (saved) => {
            say(saved.said);
            void navigate('/store/where');
          })
        }
      >
        It is gone for good
      </Button>
      {remove.error !== null && (
        <Trouble>
          {remove.error instanceof Refused ? remove.error.message : 'That could not be done.'}
        </Trouble>
      )}
    </>
  );
}
