import Box from '@mui/material/Box';
import { useState } from 'react';
import { Link } from 'react-router';
import type { components } from '../api/generated';
import { useLook } from '../api/look';
import { useFamily } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Section, Trouble } from '../kit/Section';
import { pageOfCode } from '../record/things';
import { Tag } from '../shell/Tag';

type Step = components['schemas']['FamilyStepDocument'];

/** Back to the first lot and down to today, on demand, as a list. */
export function FamilyOf({ code }: { code: string }) {
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
            <p>This lot: {family.data.self.said}.</p>
            <Steps title="Came from" steps={family.data.forebears} />
            <Steps title="Came of it" steps={family.data.offspring} />
            {family.data.more && <p>There are more of them than are told here.</p>}
          </>
        )}
      </Box>
    </Section>
  );
}

function Steps({ title, steps }: { title: string; steps: Step[] }) {
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
