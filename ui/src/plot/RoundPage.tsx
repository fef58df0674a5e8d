import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import type { Round } from '../api/client';
import { useRound } from '../api/queries';
import { useLook } from '../api/look';
import { ComingTags } from '../shell/ComingThings';
import { visuallyHidden } from '../kit/fields';
import { Empty, Trouble } from '../kit/Section';
import { Offers } from '../record/Offers';
import { Tag } from '../shell/Tag';
import { RipeLine } from './RipeLine';
import { rounds } from './rounds';

const known = (which: string | undefined): Round['which'] =>
  which !== undefined && which in rounds ? (which as Round['which']) : 'evening';

/** A walk through the garden with a phone, or with the same on paper: what to look at, and what was seen. */
export function RoundPage() {
  const which = known(useParams()['which']);
  const round = useRound(which);
  const { at, on } = useLook();
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 860, '@media print': { p: 0, color: '#000' } }}>
      {/* On a phone the way to the plot is at the foot. */}
      <Box
        component={Link}
        to={at('/plot')}
        sx={{
          display: { xs: 'none', md: 'inline' },
          color: 'inherit',
          '@media print': { display: 'none' },
        }}
      >
        To the plot
      </Box>
      <Box
        component="nav"
        aria-label="Rounds"
        sx={{
          display: 'flex',
          gap: { xs: 0.5, md: 1 },
          mt: { xs: 0, md: 1.5 },
          mb: { xs: 1, md: 1.5 },
          flexWrap: 'wrap',
          '& a': { px: { xs: 1, sm: 2 }, flex: { xs: '1 1 40%', sm: 'none' }, whiteSpace: 'nowrap' },
          '@media print': { display: 'none' },
        }}
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
      {round.data === undefined && round.error === null && <ComingTags many={4} />}
      {round.data !== undefined && (
        <>
          <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
            {/* On a phone it is said by the key above, and the first planting follows. */}
            <Box
              component="h1"
              sx={(t) => ({
                typography: 'h1',
                m: 0,
                [t.breakpoints.down('md')]: visuallyHidden,
                '@media print': { typography: 'h1', position: 'static', clipPath: 'none' },
              })}
            >
              {round.data.title}
            </Box>
            <span>{round.data.sun}</span>
            <Print at="md" of={round.data} />
          </Box>
          {round.data.lines.length === 0 && (
            <Empty>
              {round.data.nothing}
              {(which === 'evening' || which === 'morning') &&
                ' A planting stands here once it blooms and the plan, or “Pollinate it by hand” on its page, has it so.'}
            </Empty>
          )}
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {round.data.lines.map((line) => (
              <Line key={line.id + line.offer.kind} line={line} fixed={on !== undefined} />
            ))}
          </Box>
          <Print at="xs" of={round.data} />
        </>
      )}
    </Box>
  );
}

/** Beside the heading, or where that is not seen at the end. */
function Print({ at, of }: { at: 'xs' | 'md'; of: Round }) {
  return (
    <Button
      variant="text"
      disabled={of.lines.length === 0}
      sx={{
        ml: 'auto',
        display: { xs: at === 'xs' ? 'block' : 'none', md: at === 'md' ? 'block' : 'none' },
        '@media print': { display: 'none' },
      }}
      onClick={() => window.print()}
    >
      Print it, with room to write
    </Button>
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
      <RipeLine line={line} fixed={fixed} />
      {!fixed && line.ripeness === null && (
        <Box sx={{ '@media print': { display: 'none' } }}>
          <Offers about={{ subject: 'planting', id: line.id }} offers={[line.offer]} />
        </Box>
      )}
      {line.ripeness === null && <OnPaper line={line} />}
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
