import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { useState } from 'react';
import { Refused, type Planting } from '../api/client';
import { useLook } from '../api/look';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Section, Trouble } from '../kit/Section';
import { plural } from '../kit/words';
import { Waiting } from '../kit/Waiting';
import { ofPlanting } from './ofPlanting';

/** The plants in the order of what they are chosen by, what keeping few or many gains and costs, and who is kept. */
export function WhoIsKept({ planting, go }: { planting: Planting; go: (plant: number) => void }) {
  const { walk } = planting;
  const { on } = useLook();
  const frame = useFrame();
  const say = useSay();
  const known = walk.plants.filter(({ kept }) => kept).map(({ number }) => number);
  const [chosen, setChosen] = useState<number[] | null>(null);
  const kept = chosen ?? known;
  const save = useRecord(() => ({
    title: `Parents, ${planting.tag.code}`,
    at: window.location.pathname,
    drafts: [ofPlanting(planting.id, 'plants_kept', frame.data?.now ?? '', { plants: kept })],
  }));
  if (walk.plants.length === 0) return null;
  const place = new Map(walk.order.map((number, i) => [number, i]));
  const rows = walk.plants.toSorted(
    (a, b) =>
      (place.get(a.number) ?? walk.order.length + a.number) -
      (place.get(b.number) ?? walk.order.length + b.number),
  );
  return (
    <Section title="Who is kept">
      {walk.said.map((line) => (
        <Box key={line} sx={{ maxWidth: '46em' }}>
          {line}
        </Box>
      ))}
      {walk.tradeoffs.length > 0 && (
        <Box sx={{ overflowX: 'auto', my: 1 }}>
          <Box
            component="table"
            sx={{ borderCollapse: 'collapse', '& th, & td': { textAlign: 'left', pr: 2, py: 0.25 } }}
          >
            <thead>
              <tr>
                <th>parents</th>
                {walk.tradeoffs[0]?.both !== '' && (
                  <>
                    <th>gain, both chosen</th>
                    <th>gain, mothers only</th>
                  </>
                )}
                <th>a rare form is kept</th>
              </tr>
            </thead>
            <tbody>
              {walk.tradeoffs.map((one) => (
                <tr key={one.keep}>
                  <td>{one.keep}</td>
                  {one.both !== '' && (
                    <>
                      <td>{one.both}</td>
                      <td>{one.mothers}</td>
                    </>
                  )}
                  <td>{one.rare}</td>
                </tr>
              ))}
            </tbody>
          </Box>
          <Box sx={(t) => ({ fontSize: '0.875rem', color: t.vars?.palette.text.secondary })}>
            Gain in standard deviations of what it is chosen by, by usual heritabilities (assumed); with
            mothers only, the pollen is of all.
          </Box>
        </Box>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {rows.map((plant) => (
          <Box
            component="li"
            key={plant.number}
            sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 44 }}
          >
            <Checkbox
              checked={kept.includes(plant.number)}
              disabled={on !== undefined || (plant.out !== null && !kept.includes(plant.number))}
              slotProps={{ input: { 'aria-label': `Keep plant ${plant.number} as a parent` } }}
              onChange={() =>
                setChosen(
                  kept.includes(plant.number)
                    ? kept.filter((one) => one !== plant.number)
                    : [...kept, plant.number],
                )
              }
              sx={{ '@media print': { display: 'none' } }}
            />
            <Button variant="text" sx={{ minWidth: 44, px: 0.5 }} onClick={() => go(plant.number)}>
              {plant.number}
            </Button>
            <Box sx={(t) => ({ color: plant.out === null ? undefined : t.vars?.palette.text.secondary })}>
              {[
                ...(plant.out === null ? [] : [`struck out, ${plant.out_said}`]),
                ...walk.traits.flatMap(({ name, unit }, i) => {
                  const told = plant.scores[i] ?? null;
                  return told === null ? [] : [`${name} ${told}${unit === '' ? '' : ` ${unit}`}`];
                }),
                ...(plant.at_edge ? ['at a border or a gap'] : []),
                ...(plant.rare === '' ? [] : [plant.rare]),
              ].join(', ')}
            </Box>
          </Box>
        ))}
      </Box>
      {save.error instanceof Refused && <Trouble>{save.error.message}</Trouble>}
      <Waiting write={save} />
      {on === undefined && chosen !== null && chosen.length > 0 && (
        <Button
          variant="contained"
          disabled={save.isPending}
          onClick={() =>
            void afterwards(save.mutateAsync(undefined), (saved) => {
              setChosen(null);
              say(`Kept. ${saved.said}`, saved.entry);
            })
          }
        >
          {`Keep: ${plural(kept.length, 'parent')}`}
        </Button>
      )}
    </Section>
  );
}
