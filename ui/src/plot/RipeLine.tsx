import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { Refused, type RipeOne, type Round } from '../api/client';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { ofPlanting } from './ofPlanting';

const READY = [
  ['not_yet', 'Not yet'],
  ['nearly', 'Nearly'],
  ['ready', 'Ready'],
] as const;

/** A planting on the round for ripe seed: the signs are ticked, and how ripe it is is one press, for all of it or for each that has a mark. */
export function RipeLine({ line, fixed }: { line: Round['lines'][number]; fixed: boolean }) {
  if (line.ripeness === null) return null;
  const { cues, each } = line.ripeness;
  return (
    <>
      {each.map((one) => (
        <One key={one.mark} line={line} one={one} cues={cues} fixed={fixed} />
      ))}
      <OnPaper each={each} cues={cues} />
    </>
  );
}

function One({
  line,
  one,
  cues,
  fixed,
}: {
  line: Round['lines'][number];
  one: RipeOne;
  cues: string[];
  fixed: boolean;
}) {
  const frame = useFrame();
  const say = useSay();
  const [seen, setSeen] = useState(one.cues);
  const save = useRecord((ready: string) => ({
    title: `Ripeness, ${line.tag.code}`,
    at: window.location.pathname,
    drafts: [
      ofPlanting(line.id, 'ripeness_seen', frame.data?.now ?? '', {
        ready,
        mark: one.mark,
        cues: cues.filter((cue) => seen.includes(cue)).join('; '),
      }),
    ],
  }));
  return (
    <Box
      role="group"
      aria-label={one.name}
      sx={{
        my: 1,
        '@media print': { display: 'none' },
        '& .MuiButton-root': { minHeight: { xs: 56, md: 44 } },
      }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5 }}>
        <b>{one.name}</b>
        <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
          {one.said === '' ? 'not looked at yet' : one.said}
        </Box>
      </Box>
      {!fixed && (
        <>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', my: 0.5 }}>
            {cues.map((cue) => (
              <FormControlLabel
                key={cue}
                sx={{ minHeight: 48, mr: 2 }}
                control={
                  <Checkbox
                    checked={seen.includes(cue)}
                    onChange={() =>
                      setSeen(seen.includes(cue) ? seen.filter((other) => other !== cue) : [...seen, cue])
                    }
                  />
                }
                label={cue}
              />
            ))}
          </Box>
          <Box role="group" aria-label={`${one.name}: how ripe`} sx={{ display: 'flex', gap: 0.75 }}>
            {READY.map(([key, words]) => (
              <Button
                key={key}
                variant={one.ready === key ? 'contained' : 'outlined'}
                aria-pressed={one.ready === key}
                disabled={save.isPending}
                sx={{ flex: { xs: 1, md: 'none' } }}
                onClick={() =>
                  void afterwards(save.mutateAsync(key), (saved) =>
                    say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry),
                  )
                }
              >
                {words}
              </Button>
            ))}
          </Box>
        </>
      )}
      {save.error instanceof Refused && <Trouble>{save.error.message}</Trouble>}
      <Waiting write={save} typed={false} />
    </Box>
  );
}

/** The same to pencil in: a box for each sign, and for how ripe it is. */
function OnPaper({ each, cues }: { each: RipeOne[]; cues: string[] }) {
  return (
    <Box sx={{ display: 'none', '@media print': { display: 'block' }, fontSize: '9pt' }}>
      {each.map((one) => (
        <Box key={one.mark} sx={{ mt: '2mm' }}>
          <b>{one.name}</b> ☐ {cues.join('  ☐ ')} ▸ ☐ not yet ☐ nearly ☐ ready
        </Box>
      ))}
    </Box>
  );
}
