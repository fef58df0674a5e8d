import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useState } from 'react';
import { Link } from 'react-router';
import { useFamily, useKin, type Family, type FamilyStep } from '../api/family';
import { useLook } from '../api/look';
import { Coming, later } from '../kit/Coming';
import { Section, Trouble } from '../kit/Section';
import { LotInput, OfCrop } from '../record/ThingInput';
import { pageOfCode } from '../record/things';
import { Tag } from '../shell/Tag';

const FamilyDrawing = later(async () => (await import('./FamilyDrawing')).FamilyDrawing, {
  lines: 4,
  height: 240,
});

/** Back to the first lot and down to today, on demand: drawn where there is room for it, and as a list that says the same. */
export function FamilyOf({ code, crop }: { code: string; crop: string }) {
  const [open, setOpen] = useState(false);
  const family = useFamily(code, open);
  return (
    <Section title="Its family">
      <Box
        component="details"
        onToggle={(event) => setOpen((event.target as HTMLDetailsElement).open)}
        // What stands in it would inherit of a part that the browser puts between.
        sx={{ '& > *': { boxSizing: 'border-box' } }}
      >
        <Box component="summary" sx={{ cursor: 'pointer' }}>
          {family.data?.said ?? 'Where it came from, back to the first, and what came of it'}
        </Box>
        {family.error !== null && <Trouble>{family.error.message}</Trouble>}
        {open && family.data === undefined && family.error === null && <Coming lines={2} height={64} />}
        {family.data !== undefined && (
          <>
            {family.data.self !== null && <p>This lot: {family.data.self.said}.</p>}
            {family.data.made !== '' && <Box sx={{ maxWidth: '46em' }}>{family.data.made}</Box>}
            <Diversity family={family.data} />
            <FamilyTold family={family.data} says={`The family of ${code}`} />
            <Related code={code} crop={crop} />
          </>
        )}
      </Box>
    </Section>
  );
}

/** A family, drawn where there is room and where there is anything to draw, and told. */
export function FamilyTold({ family, says }: { family: Family; says: string }) {
  const { breakpoints } = useTheme();
  const roomy = useMediaQuery(breakpoints.up('sm'), { noSsr: true });
  return (
    <>
      {roomy && family.drawing.links.length > 0 && <FamilyDrawing drawing={family.drawing} says={says} />}
      <Steps title="Came from" steps={family.forebears} />
      <Steps title="Came of it" steps={family.offspring} />
      {family.more && <p>There are more of them than are told here.</p>}
    </>
  );
}

/** What its pickings have left of what it had. */
function Diversity({ family }: { family: Family }) {
  const { at } = useLook();
  const told = family.diversity;
  if (told === null) return null;
  return (
    <Box role="group" aria-label="What is left of it" sx={{ maxWidth: '46em', my: 1.5 }}>
      <Box>{told.said}</Box>
      {told.costliest !== '' && <Box sx={{ fontWeight: 700 }}>{told.costliest}</Box>}
      <Box>{told.helps}</Box>
      {told.mix !== null && (
        <Box
          component={Link}
          to={at(pageOfCode(told.mix.code))}
          sx={{ display: 'block', maxWidth: 480, textDecoration: 'none', mt: 0.5 }}
        >
          <Tag tag={told.mix} dense />
        </Box>
      )}
    </Box>
  );
}

/** How it is related to another lot, which the keeper names. */
function Related({ code, crop }: { code: string; crop: string }) {
  const [other, setOther] = useState('');
  const kin = useKin(code, other);
  return (
    <Box sx={{ maxWidth: 480, mt: 2 }}>
      <OfCrop value={crop}>
        <LotInput
          field={{ label: 'How is it related to', hint: '' }}
          value={other}
          onChange={(lot) => setOther(String(lot))}
        />
      </OfCrop>
      <Box role="status" sx={{ mt: 1 }}>
        {kin.error !== null && other !== '' && kin.error.message}
        {kin.data?.said}
      </Box>
    </Box>
  );
}

function Steps({ title, steps }: { title: string; steps: FamilyStep[] }) {
  const { at } = useLook();
  if (steps.length === 0) return null;
  return (
    <>
      <Box component="h3" sx={{ typography: 'h3', mt: 1.5, mb: 0.5 }}>
        {title}
      </Box>
      <Box
        component="ol"
        aria-label={title}
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1, maxWidth: 480 }}
      >
        {steps.map(({ tag, said, generation }) => (
          <li key={tag.code}>
            <Box
              component={Link}
              to={at(pageOfCode(tag.code))}
              sx={{ display: 'block', textDecoration: 'none' }}
            >
              <Tag tag={tag} />
            </Box>
            <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
              {said}
              {generation > 0 && `; grown out here ${generation === 1 ? 'once' : `${generation} times`}`}
            </Box>
          </li>
        ))}
      </Box>
    </>
  );
}
