import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { useCrossed } from '../api/family';
import type { components } from '../api/generated';
import { useLook } from '../api/look';
import { Coming } from '../kit/Coming';
import { Section, Trouble } from '../kit/Section';
import { pageOfCode } from '../record/things';
import { Tag } from '../shell/Tag';
import { TagLinks } from '../shell/TagLinks';

/** What there is to go back to once a crossing has come to light, and what it touches. */
export function CrossedOf({ code }: { code: string }) {
  const crossed = useCrossed(code);
  return (
    <>
      <Section title="Going back before the crossing">
        {crossed.error !== null && <Trouble>{crossed.error.message}</Trouble>}
        {crossed.data === undefined && crossed.error === null && <Coming lines={3} height={100} />}
        {crossed.data !== undefined && (
          <Box sx={{ maxWidth: '46em' }}>
            {crossed.data.none !== '' && <p>{crossed.data.none}</p>}
            <Told title="Lots that it does not touch" lots={crossed.data.clean} />
            <Told title="Sown from it, and perhaps still standing" lots={crossed.data.standing} />
          </Box>
        )}
      </Section>
      <TagLinks title="What the crossing touches" tags={crossed.data?.touched ?? []} />
    </>
  );
}

function Told({ title, lots }: { title: string; lots: components['schemas']['CleanLotDocument'][] }) {
  const { at } = useLook();
  if (lots.length === 0) return null;
  return (
    <>
      <Box component="h3" sx={{ typography: 'h3', mt: 1, mb: 0.5 }}>
        {title}
      </Box>
      <Box
        component="ul"
        aria-label={title}
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1, maxWidth: 480 }}
      >
        {lots.map(({ tag, said }) => (
          <li key={tag.code}>
            <Box
              component={Link}
              to={at(pageOfCode(tag.code))}
              sx={{ display: 'block', textDecoration: 'none' }}
            >
              <Tag tag={tag} dense />
            </Box>
            <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>{said}</Box>
          </li>
        ))}
      </Box>
    </>
  );
}
