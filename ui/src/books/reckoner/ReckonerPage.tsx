import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Refused } from '../../api/client';
import { useReckoned, useReckonings, type Units } from '../../api/queries';
import { Coming } from '../../kit/Coming';
import { Section, Trouble } from '../../kit/Section';
import { ReckonerAnswer } from './ReckonerAnswer';
import { ReckonerInputs } from './ReckonerInputs';
import { given as givenOf, inputsTaken, waysIn, type Typed } from './typed';
import { keepUnits, useUnits } from './units';

/** One question, worked: its inputs stand in the address, so the page can be sent or printed with its answer. */
export function ReckonerPage({ name }: { name: string }) {
  const units = useUnits();
  const reckonings = useReckonings(units);
  const [params, setParams] = useSearchParams();
  const reckoning = reckonings.data?.find((r) => r.name === name);
  // What is typed shows at once; the address follows it.
  const [typed, setTyped] = useState<Typed>(() => Object.fromEntries(params));
  const [chosen, setChosen] = useState<Record<number, number>>({});
  const [last, setLast] = useState<string>();
  const ways = waysIn(reckoning?.alternatives ?? [], typed).map((way, i) => chosen[i] ?? way);
  const inputs = reckoning === undefined ? [] : inputsTaken(reckoning, ways);
  const given = givenOf(inputs, typed);
  const ready =
    reckoning !== undefined && inputs.every(({ key, needed }) => !needed || given[key] !== undefined);
  const answer = useReckoned(name, given, units, ready);
  const refused = ready && answer.error instanceof Refused ? answer.error : undefined;
  const known = inputs.some(({ key }) => refused?.fields[key] !== undefined);
  if (reckonings.error !== null) return <Trouble>{reckonings.error.message}</Trouble>;
  if (reckonings.data === undefined) return <Coming lines={8} height={44} />;
  if (reckoning === undefined) return <Trouble>There is no reckoner of that name.</Trouble>;

  const measured = reckoning.inputs.some(
    ({ unit, type }) => type === 'segments' || ['°C', '°F', 'g', 'oz', 'm', 'ft'].includes(unit),
  );
  // The whole of what is typed, not a change to the address: two changes at once would lose one.
  const address = (next: Typed, nextWays: number[], nextUnits: Units) => {
    const keys = inputsTaken(reckoning, nextWays).map(({ key }) => key);
    const stands = keys.filter((key) => (next[key] ?? '') !== '').map((key) => [key, next[key] ?? '']);
    setParams(Object.fromEntries([...stands, ...(nextUnits === 'us' ? [['units', 'us']] : [])]), {
      replace: true,
    });
  };

  const answered = answer.data !== undefined && ready && answer.error === null ? answer.data : undefined;
  const line = answered && <InALine sentence={answered.judgement.sentence} />;

  return (
    <Box sx={{ maxWidth: 1180 }}>
      <Box
        component={Link}
        to="/books/reckoners"
        sx={{ color: 'inherit', display: 'inline-block', py: 1, '@media print': { display: 'none' } }}
      >
        All quick reckoners
      </Box>
      <Typography variant="h1" sx={{ mb: 2 }}>
        {reckoning.question}
      </Typography>
      {last === undefined && line}
      <Box
        sx={{
          display: 'grid',
          // What is asked and what is answered, both in view.
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 5fr) minmax(0, 6fr)' },
          columnGap: 4,
          alignItems: 'start',
          '@media print': { display: 'block' },
        }}
      >
        <Box>
          <ReckonerInputs
            reckoning={reckoning}
            under={last === undefined ? undefined : { key: last, line }}
            ways={ways}
            typed={typed}
            errors={refused?.fields ?? {}}
            onWay={(choice, way) => {
              setChosen({ ...chosen, [choice]: way });
              address(
                typed,
                ways.map((now, i) => (i === choice ? way : now)),
                units,
              );
            }}
            onType={(key, value) => {
              const next = { ...typed, [key]: value };
              setTyped(next);
              setLast(key);
              // A way taken stays taken while its fields are emptied and filled.
              setChosen(Object.fromEntries(ways.map((way, i) => [i, way])));
              address(next, ways, units);
            }}
          />
          {refused !== undefined && !known && <Trouble>{refused.message}</Trouble>}
          {answer.error !== null && refused === undefined && <Trouble>{answer.error.message}</Trouble>}
        </Box>
        <Box sx={{ position: { md: 'sticky' }, top: 8 }}>
          <Section
            title="Answer"
            action={
              <Box sx={{ display: 'flex', gap: 1, '@media print': { display: 'none' } }}>
                {measured && (
                  <ToggleButtonGroup
                    exclusive
                    size="small"
                    aria-label="Units"
                    value={units}
                    onChange={(_, to: Units | null) => {
                      if (to === null) return;
                      keepUnits(to);
                      address(typed, ways, to);
                    }}
                  >
                    <ToggleButton value="metric">°C, g, m</ToggleButton>
                    <ToggleButton value="us">°F, oz, ft</ToggleButton>
                  </ToggleButtonGroup>
                )}
                <Button onClick={() => window.print()}>Print</Button>
              </Box>
            }
          >
            {answered !== undefined ? (
              <ReckonerAnswer answer={answered} />
            ) : (
              !ready && <span>Fill in what is marked, and the answer stands here.</span>
            )}
          </Section>
        </Box>
      </Box>
      <Box component="details">
        <Box
          component="summary"
          sx={{ cursor: 'pointer', fontWeight: 700, minHeight: 44, display: 'flex', alignItems: 'center' }}
        >
          How it is reckoned
        </Box>
        <p style={{ marginTop: 0 }}>{reckoning.source}</p>
      </Box>
    </Box>
  );
}

/** On a phone the answer stands below all that is asked: here it is in a line, right under what was just changed. */
function InALine({ sentence }: { sentence: string }) {
  const line = useRef<HTMLDivElement>(null);
  useEffect(() => {
    line.current?.scrollIntoView({ block: 'nearest' });
  }, [sentence]);
  return (
    <Box
      ref={line}
      role="status"
      sx={(t) => ({
        display: { xs: 'block', md: 'none' },
        '@media print': { display: 'none' },
        borderLeft: `6px solid ${t.vars?.palette.rule}`,
        fontWeight: 700,
        pl: 1.5,
        my: 1,
        // Above the places at the foot of the screen.
        scrollMarginBottom: 130,
      })}
    >
      {sentence}
    </Box>
  );
}
