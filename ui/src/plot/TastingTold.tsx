import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { v7 } from 'uuid';
import { Refused, type Planting, type Tasting } from '../api/client';
import { useLook } from '../api/look';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Section, Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { plural } from '../kit/words';
import { traitOf, walkDrafts } from './tasting';

/** A tasting that is over: which plate was which, whether those who tasted agree, and from there into the walk. */
export function TastingTold({
  planting,
  tasting,
  fixed,
}: {
  planting: Planting | undefined;
  tasting: Tasting;
  fixed: boolean;
}) {
  const frame = useFrame();
  const say = useSay();
  const { at } = useLook();
  const isTold =
    planting !== undefined &&
    tasting.plants.every(({ plant, mark }) => {
      const i = planting.walk.traits.findIndex(({ name }) => name === traitOf(tasting));
      return Number(planting.walk.plants.find(({ number }) => number === plant)?.scores[i]) === mark;
    });
  const save = useRecord(() => {
    const drafts = planting === undefined ? [] : walkDrafts(planting, tasting, frame.data?.now ?? '');
    return {
      title: `Tasting into the walk, ${planting?.tag.code ?? ''}`,
      at: window.location.pathname,
      drafts,
      ...(drafts.length > 1 && { act: v7(), whole: true }),
    };
  });
  return (
    <Box sx={{ '@media print': { display: 'none' } }}>
      <Section title={tasting.set}>
        {tasting.said.map((line, i) => (
          <Box key={line} sx={{ maxWidth: '46em', fontWeight: i === 0 ? 700 : undefined }}>
            {line}
          </Box>
        ))}
        <Box
          component="table"
          sx={{ my: 1.5, borderCollapse: 'collapse', '& th, & td': { textAlign: 'left', pr: 3, py: 0.25 } }}
        >
          <thead>
            <tr>
              <th>{tasting.of === 'fruit' ? 'fruit' : 'plant'}</th>
              <th>mean of {plural(tasting.tasters.length, 'taster')}</th>
              <th>plate</th>
            </tr>
          </thead>
          <tbody>
            {tasting.plates.map(({ number, sample, mean }) => (
              <tr key={number}>
                <td>
                  <b>{sample}</b>
                </td>
                <td>{mean ?? 'not scored'}</td>
                <td>{number}</td>
              </tr>
            ))}
          </tbody>
        </Box>
        {tasting.tasters.length > 0 && <Box>Tasted by {tasting.tasters.join(', ')}.</Box>}
        {save.error instanceof Refused && <Trouble>{save.error.message}</Trouble>}
        <Waiting write={save} typed={false} />
        {tasting.plants.length > 0 &&
          planting !== undefined &&
          (isTold ? (
            <Box component={Link} to={at(`/plot/walk/${planting.tag.code}`)} sx={{ color: 'inherit' }}>
              It is a trait of the walk
            </Box>
          ) : (
            !fixed && (
              <Button
                variant="outlined"
                sx={{ mt: 1 }}
                disabled={save.isPending}
                onClick={() =>
                  void afterwards(save.mutateAsync(undefined), (saved) =>
                    say(`Kept. ${saved.said}`, saved.entry),
                  )
                }
              >
                Into the walk, as a trait
              </Button>
            )
          ))}
      </Section>
    </Box>
  );
}
