import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { TagWords } from '../api/client';
import { useLook } from '../api/look';
import { Section } from '../kit/Section';
import { pageOfCode } from '../record/things';
import { Tag } from './Tag';

/** What a thing came from, or what came of it, as tags that lead there. */
export function TagLinks({ title, tags }: { title: string; tags: TagWords[] }) {
  const { at } = useLook();
  if (tags.length === 0) return null;
  return (
    <Section title={title}>
      <Box sx={{ display: 'grid', gap: 1, maxWidth: 480 }}>
        {tags.map((tag) => (
          <Box key={tag.code} component={Link} to={at(pageOfCode(tag.code))} sx={{ textDecoration: 'none' }}>
            <Tag tag={tag} />
          </Box>
        ))}
      </Box>
    </Section>
  );
}
