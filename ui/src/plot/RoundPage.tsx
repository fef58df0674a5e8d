import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import type { Round } from '../api/client';
import { useRound } from '../api/queries';
import { useLook } from '../api/look';
import { Coming } from '../kit/Coming';
import { Empty, Trouble } from '../kit/Section';
import { Offers } from '../record/Offers';
import { Tag } from '../shell/Tag';

const rounds: Record<Round['which'], string> = {
  evening: 'This evening',
  morning: 'The morning',
  'looking-over': 'Looking over',
};

const known = (which: string | undefined): Round['which'] =>
  which === 'morning' || which === 'looking-over' ? which : 'evening';

/** A walk through the garden with a phone, or with the same on paper: what to look at, and what was seen. */
export function RoundPage() {
  const which = known(useParams()['which']);
  const round = useRound(which);
  const { at, on } = useLook();
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 860, '@media print': { p: 0, color: '#000' } }}>
      <Box component={Link} to={at('/plot')} sx={{ color: 'inherit', '@media print': { display: 'none' } }}>
        To the plot
      </Box>
      <Box
        component="nav"
        aria-label="Rounds"
        sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', my: 1.5, '@media print': { display: 'none' } }}
      >
        {(Object.keys(rounds) as Round['which'][]).map((one) => (
          <Button
            key={one}
            component={Link}
            to={at(`/plot/round/${one}`)}
            variant={one === which ? 'contained' : 'outlined'}
            aria-current={one === which ? 'page' : undefined}
          >
            {rounds[one]}
          </Button>
        ))}
      </Box>
      {round.error !== null && <Trouble>{round.error.message}</Trouble>}
      {round.data === undefined && round.error === null && <Coming lines={5} height={72} />}
      {round.data !== undefined && (
        <>
          <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
            <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
              {round.data.title}
            </Box>
            <span>{round.data.sun}</span>
            <Button
              variant="text"
              disabled={round.data.lines.length === 0}
              sx={{ ml: 'auto', '@media print': { display: 'none' } }}
              onClick={() => window.print()}
            >
              Print it, with room to write
            </Button>
          </Box>
          {round.data.lines.length === 0 && (
            <Empty>
              {round.data.nothing}
              {which !== 'looking-over' &&
                ' A planting stands here once it blooms and the plan, or “Pollinate it by hand” on its page, has it so.'}
            </Empty>
          )}
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {round.data.lines.map((line) => (
              <Line key={line.id + line.offer.kind} line={line} fixed={on !== undefined} />
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}

function Line({ line, fixed }: { line: Round['lines'][number]; fixed: boolean }) {
  const { at } = useLook();
  return (
    <Box
      component="li"
      aria-label={`${line.tag.code} ${line.tag.variety}`}
      sx={(t) => ({
        borderTop: `2px solid ${t.vars?.palette.rule}`,
        py: 1.5,
        breakInside: 'avoid',
        '@media print': { py: 0.75 },
      })}
    >
      <Box
        component={Link}
        to={at(`/plot/${line.tag.code}`)}
        sx={{ textDecoration: 'none', display: 'block', maxWidth: 460 }}
      >
        <Tag tag={line.tag} />
      </Box>
      {line.spot !== '' && <Box sx={{ fontWeight: 700, mt: 0.75 }}>{line.spot}</Box>}
      <Box
        component="ul"
        sx={{
          my: 0.75,
          p: 0,
          listStyle: 'none',
          display: 'grid',
          gap: 0.25,
          '@media print': { display: 'block', my: 0.25, fontSize: '10pt', '& li': { display: 'inline' } },
        }}
      >
        {line.says.map((sentence) => (
          <li key={sentence}>{sentence} </li>
        ))}
      </Box>
      {!fixed && (
        <Box sx={{ '@media print': { display: 'none' } }}>
          <Offers about={{ subject: 'planting', id: line.id }} offers={[line.offer]} />
        </Box>
      )}
      <OnPaper line={line} />
    </Box>
  );
}

/** The same questions, with room for an answer: of one look a line, of flowers several. */
function OnPaper({ line }: { line: Round['lines'][number] }) {
  const asked = line.offer.fields.filter(({ hidden, seldom }) => !hidden && !seldom);
  return (
    <Box sx={{ display: 'none', '@media print': { display: 'block' } }}>
      {(line.offer.kind === 'rogued' ? [1] : [1, 2, 3]).map((row) => (
        <Box key={row} sx={{ display: 'flex', flexWrap: 'wrap', columnGap: '6mm', rowGap: '2mm', mt: '2mm' }}>
          {['When', ...asked.map(({ label }) => label)].map((label) => (
            <Box
              key={label}
              sx={{ flex: '1 0 34mm', borderBottom: '0.3mm solid #000', pt: '4mm', fontSize: '8pt' }}
            >
              {label}
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}
