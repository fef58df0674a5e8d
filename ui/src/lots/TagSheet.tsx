import { Coming } from '../kit/Coming';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import type { Lot } from '../api/client';
import { useFrame, useLot } from '../api/queries';
import { SeedDrawing } from '../charts/SeedDrawing';
import { Trouble } from '../kit/Section';
import { heading } from '../kit/theme';
import { day } from '../kit/words';

/** Two paper tags for a container, one outside and one inside: a lost label is how lots get mixed up. */
export function TagSheet() {
  const { code = '' } = useParams();
  const lot = useLot(code);
  const frame = useFrame();
  if (lot.error !== null) return <Trouble>{lot.error.message}</Trouble>;
  if (lot.data === undefined || frame.data === undefined) return <Coming lines={2} height={240} />;
  return (
    <Box sx={{ p: 3, '@media print': { p: 0 } }}>
      <Box sx={{ '@media print': { display: 'none' }, mb: 3, maxWidth: '46em' }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          Tags for {lot.data.tag.code}
        </Box>
        <p>
          One goes on the container, the other inside with the seed. Print them on stout paper; pencil
          outlasts ink.
        </p>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button variant="contained" onClick={() => window.print()}>
            Print
          </Button>
          <Button component={Link} to={`/store/${code}`}>
            Back to the store
          </Button>
        </Box>
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '8mm', alignItems: 'start' }}>
        <Paper label="outside">
          <Outside lot={lot.data} garden={frame.data.garden} />
        </Paper>
        <Paper label="inside">
          <Inside lot={lot.data} garden={frame.data.garden} />
        </Paper>
      </Box>
    </Box>
  );
}

/** Black on white whatever the screen's colours are: this is paper. */
function Paper({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box>
      <Box sx={(t) => ({ '@media print': { display: 'none' }, color: t.vars?.palette.text.secondary })}>
        {label}
      </Box>
      <Box
        component="article"
        aria-label={`Tag for the ${label}`}
        sx={{
          border: '2px solid #000',
          bgcolor: '#fff',
          color: '#000',
          p: '4mm',
          width: '96mm',
          breakInside: 'avoid',
          fontSize: '11.5pt',
          lineHeight: 1.35,
        }}
      >
        {children}
      </Box>
    </Box>
  );
}

const lines: Record<Lot['tag']['line'], string> = {
  true: 'true to type',
  unsure: 'not sure to come true',
  crossed: 'crossed',
  mixing: 'mixed on purpose',
};

function Head({ lot }: { lot: Lot }) {
  return (
    <Box sx={{ display: 'flex', gap: '4mm', alignItems: 'center', mb: '2mm' }}>
      <Box sx={{ fontFamily: heading, fontWeight: 800, fontSize: '28pt', lineHeight: 1 }}>{lot.tag.code}</Box>
      {lot.tag.seed !== null && <SeedDrawing look={lot.tag.seed} size={44} paper />}
      <Box>
        <Box sx={{ fontWeight: 700, fontSize: '14pt', lineHeight: 1.15 }}>
          {lot.tag.variety} {lot.tag.generation}
        </Box>
        {lot.tag.crop}, <em lang="la">{lot.tag.latin}</em>
      </Box>
    </Box>
  );
}

const originOf = (lot: Lot) => lot.sections.find((section) => section.section === 'origin');

/** What must be read before the seed is touched: on both tags, for the one outside gets lost. */
function Warning({ lot }: { lot: Lot }) {
  const warning = originOf(lot)?.warning;
  return warning === undefined || warning === null ? null : (
    <Box sx={{ border: '2px solid #000', px: '2mm', my: '2mm', fontWeight: 700 }}>{warning}</Box>
  );
}

function Outside({ lot, garden }: { lot: Lot; garden: string }) {
  const test = lot.sections
    .filter((section) => section.section === 'test')
    .find(({ ended }) => ended !== null);
  const store = lot.sections.find((section) => section.section === 'store');
  const origin = originOf(lot);
  const harvest = lot.sections
    .find((section) => section.section === 'cleaning')
    ?.facts.find(({ label }) => label === 'From');
  const rows: [string, string][] = [
    // Seed that was not grown here never says that it was.
    ...(origin === undefined
      ? ([
          ['Grown', [garden, lot.tag.year].filter(Boolean).join(', ')],
          ['From', harvest?.said ?? 'not recorded'],
        ] as [string, string][])
      : origin.facts.map(({ label, said }): [string, string] => [label, said])),
    ['Line', lines[lot.tag.line]],
    ...(store === undefined && origin?.facts.some(({ label }) => label === 'Holds') === true
      ? []
      : ([['Holds', store?.stock ?? 'not counted']] as [string, string][])),
    [
      'Germination',
      test?.rate === null || test === undefined
        ? 'not tested'
        : `${Math.round((test.rate ?? 0) * 100)} % of ${test.seeds * test.replicates}, ${day(test.started)}`,
    ],
    ['Count on it', store === undefined || store.forecast === null ? 'no forecast' : store.forecast.until],
    ['Isolation', 'not recorded'],
  ];
  return (
    <>
      <Head lot={lot} />
      <Warning lot={lot} />
      <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: '4mm', m: 0 }}>
        {rows.map(([name, value]) => (
          <Box key={name} sx={{ display: 'contents' }}>
            <dt>{name}</dt>
            <Box component="dd" sx={{ m: 0, fontWeight: 700 }}>
              {value}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}

function Inside({ lot, garden }: { lot: Lot; garden: string }) {
  const from = originOf(lot)?.facts.find(({ label }) => label === 'From')?.said;
  return (
    <>
      <Head lot={lot} />
      <Warning lot={lot} />
      {[from === undefined ? garden : `from: ${from}`, lot.tag.year].filter(Boolean).join(', ')}
    </>
  );
}
