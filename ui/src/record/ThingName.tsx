import Box from '@mui/material/Box';
import type { TagWords } from '../api/client';

/** What a line of a list begins with: code, name, crop. */
export function ThingName({ tag }: { tag: TagWords }) {
  return (
    <>
      <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
        {tag.code}
      </Box>{' '}
      <b>{tag.variety}</b>, {tag.crop.toLowerCase()}
    </>
  );
}
