import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v5 } from 'uuid';
import { Refused, type Lot, type Test } from '../../api/client';
import { NoneKept } from '../../api/entries';
import { useLook } from '../../api/look';
import { useRecord } from '../../api/outbox';
import { useLot } from '../../api/queries';
import { Coming } from '../../kit/Coming';
import { useDraft } from '../../kit/draft';
import { FormFrame } from '../../kit/FormFrame';
import { Resumed } from '../../kit/Resumed';
import { useSay } from '../../kit/Said';
import { Empty, Trouble } from '../../kit/Section';
import { useSpoken } from '../../kit/spoken';
import { Waiting } from '../../kit/Waiting';
import { columnsOf, draftsOf, faultOf, momentOf, type Column } from './countSheet';

/** A sheet to pencil a test's counts in, and the same sheet to type them into from the paper: by day and dish, by Tab alone. */
export function CountSheetPage() {
  const { code = '' } = useParams();
  const lot = useLot(code);
  const { at } = useLook();
  const tests = (lot.data?.sections ?? []).filter(
    (section): section is Test => section.section === 'test' && section.ended === null,
  );
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 1060, '@media print': { p: 0, color: '#000' } }}>
      <Box
        component={Link}
        to={at(`/trays/${code}`)}
        sx={{ color: 'inherit', '@media print': { display: 'none' } }}
      >
        To {code}
      </Box>
      <Typography variant="h1" sx={{ mt: 1 }}>
        Count sheet, {code}
      </Typography>
      {lot.error !== null && <Trouble>{lot.error.message}</Trouble>}
      {lot.data === undefined && lot.error === null && <Coming lines={6} height={44} />}
      {lot.data !== undefined && tests.length === 0 && <Empty>No test of it is running.</Empty>}
      {lot.data !== undefined && tests.length > 0 && (
        <Box sx={{ my: 1, '@media print': { display: 'none' } }}>
          <Button variant="outlined" onClick={() => window.print()}>
            Print it, to pencil in
          </Button>
        </Box>
      )}
      {lot.data !== undefined &&
        tests.map((test) => <Sheet key={test.id} test={test} lot={lot.data} code={code} />)}
    </Box>
  );
}

function Sheet({ test, lot, code }: { test: Test; lot: Lot; code: string }) {
  const { at, on } = useLook();
  const { day: said } = useSpoken();
  const say = useSay();
  const navigate = useNavigate();
  const draft = useDraft<{ columns: Column[] }>(
    `counts:${test.id}:${test.counts.length}`,
    () => ({ columns: columnsOf(test) }),
    { title: `Count sheet, ${code}`, at: window.location.pathname },
  );
  const { columns } = draft.values;
  const [wrong, setWrong] = useState<Record<number, string>>({});
  const save = useRecord(() => {
    const sent = draftsOf(test, lot.id, columns, (index) => v5(`${test.id} ${index}`, draft.id));
    return {
      title: `Count sheet, ${code}`,
      form: draft.name,
      at: window.location.pathname,
      drafts: sent.map((one) => one.draft),
      ...(sent.length > 1 && { act: draft.id, whole: true }),
    };
  });
  const change = (index: number, column: Column) =>
    draft.set({ columns: columns.map((one, i) => (i === index ? column : one)) });
  const keep = async () => {
    const faults = Object.fromEntries(
      columns.flatMap((column, i) => {
        const fault = faultOf(column);
        return fault === undefined ? [] : [[i, fault]];
      }),
    ) as Record<number, string>;
    setWrong(faults);
    if (Object.keys(faults).length > 0) return;
    const sent = draftsOf(test, lot.id, columns, String);
    if (sent.length === 0) return;
    try {
      const saved = await save.mutateAsync(undefined);
      draft.clear();
      say(`Kept. ${saved.said}`, saved.entry);
      void navigate(at(`/trays/${code}`));
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      const whole = error instanceof NoneKept ? error.answers : [];
      // Of several the first that is not kept is what there is to say.
      const first = Math.max(
        0,
        whole.findIndex(({ status, errors }) => status !== 'kept' && Object.keys(errors).length > 0),
      );
      const said = whole[first] === undefined ? error.fields : whole[first].errors;
      setWrong({ [sent[first]?.index ?? 0]: Object.values(said)[0] ?? error.message });
    }
  };
  const dishes = Array.from({ length: test.replicates }, (_, i) => i);
  const dishName = (i: number) => (test.replicates === 1 ? '' : `dish ${i + 1}`);
  return (
    <Box component="section" aria-label={test.title} sx={{ my: 2, breakInside: 'avoid' }}>
      <Typography variant="h2">
        {lot.tag.variety}: {test.title.toLowerCase()}
      </Typography>
      <Box sx={{ maxWidth: '46em' }}>{test.set}</Box>
      <Box sx={(t) => ({ mb: 1, color: t.vars?.palette.text.secondary, '@media print': { color: '#000' } })}>
        New since the last count: up, then abnormal or rotten. An empty part is no count; a nought is one.
      </Box>
      <FormFrame
        label={`Count sheet, ${code}`}
        refused={Object.keys(wrong).length > 0 ? wrong : undefined}
        busy={save.isPending}
        onSubmit={() => void keep()}
      >
        <Resumed draft={draft} />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
          {test.counts.map((count) => (
            <Part key={`counted ${count.day}`} head={`Day ${count.day}`} narrow>
              {dishes.map((i) => (
                <Row key={i} name={dishName(i)}>
                  <Done>{count.up[i]}</Done>
                  <Done>{count.dead[i]}</Done>
                </Row>
              ))}
            </Part>
          ))}
          {columns.map((column, index) => (
            <Part
              key={index}
              head={
                <Box component="label" sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}>
                  Day
                  <Cell
                    name={`Day of part ${index + 1}`}
                    value={column.day}
                    printed
                    onChange={(day) => change(index, { ...column, day })}
                  />
                  <Box component="span" sx={{ fontWeight: 400, whiteSpace: 'nowrap' }}>
                    {/^\d{1,3}$/.test(column.day.trim()) && said(momentOf(test.began, Number(column.day)))}
                  </Box>
                </Box>
              }
              wrong={wrong[index]}
            >
              {dishes.map((i) => (
                <Row key={i} name={dishName(i)}>
                  {(['up', 'dead'] as const).map((which) => (
                    <Cell
                      key={which}
                      name={`Day ${column.day}, ${dishName(i)}${dishName(i) === '' ? '' : ', '}${which === 'up' ? 'up' : 'abnormal or rotten'}`}
                      value={column[which][i] ?? ''}
                      onChange={(typed) =>
                        change(index, {
                          ...column,
                          [which]: column[which].map((cell, d) => (d === i ? typed : cell)),
                        })
                      }
                    />
                  ))}
                </Row>
              ))}
            </Part>
          ))}
        </Box>
        <Waiting write={save} />
        {on === undefined && columns.length > 0 && (
          <Button
            type="submit"
            variant="contained"
            disabled={save.isPending}
            sx={{ mt: 2, '@media print': { display: 'none' } }}
          >
            {save.isPending ? 'Keeping …' : 'Keep: these counts'}
          </Button>
        )}
      </FormFrame>
    </Box>
  );
}

/** One day of the sheet. */
function Part({
  head,
  wrong,
  narrow = false,
  children,
}: {
  head: ReactNode;
  wrong?: string;
  narrow?: boolean;
  children: ReactNode;
}) {
  const width = narrow ? 38 : 56;
  return (
    <Box
      sx={(t) => ({
        border: `1px solid ${t.vars?.palette.rule}`,
        p: 1,
        minWidth: narrow ? 150 : 172,
        maxWidth: 260,
        breakInside: 'avoid',
        '@media print': { borderColor: '#000' },
      })}
    >
      <Box sx={{ fontWeight: 700, minHeight: 44, display: 'flex', alignItems: 'center' }}>{head}</Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: `minmax(0, 1fr) ${width}px ${width}px`, gap: 0.5 }}>
        <span />
        <Box component="span" sx={{ textAlign: 'center' }}>
          up
        </Box>
        <Box component="span" sx={{ textAlign: 'center' }}>
          dead
        </Box>
        {children}
      </Box>
      {wrong !== undefined && (
        <Box role="alert" sx={(t) => ({ mt: 0.5, color: t.vars?.palette.error.main, fontWeight: 600 })}>
          {wrong}
        </Box>
      )}
    </Box>
  );
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <Box component="span" sx={{ alignSelf: 'center', whiteSpace: 'nowrap' }}>
        {name}
      </Box>
      {children}
    </>
  );
}

function Done({ children }: { children: ReactNode }) {
  return (
    <Box component="span" sx={{ alignSelf: 'center', textAlign: 'center', fontWeight: 700 }}>
      {children}
    </Box>
  );
}

/** A box to write into, on paper an empty one. */
function Cell({
  name,
  value,
  printed = false,
  onChange,
}: {
  name: string;
  value: string;
  /** what stands in it is printed, too */
  printed?: boolean;
  onChange: (typed: string) => void;
}) {
  return (
    <Box
      component="input"
      aria-label={name}
      inputMode="numeric"
      autoComplete="off"
      value={value}
      onChange={(event: { target: { value: string } }) => onChange(event.target.value)}
      sx={(t) => ({
        font: 'inherit',
        textAlign: 'center',
        width: 56,
        minHeight: 44,
        color: 'inherit',
        bgcolor: 'transparent',
        border: `1px solid ${t.vars?.palette.rule}`,
        borderRadius: 0,
        '@media print': { borderColor: '#000', color: printed ? '#000' : 'transparent' },
      })}
    />
  );
}
