import Box from '@mui/material/Box';
import { useWords } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Trouble } from '../kit/Section';
import { useAnchor } from '../kit/anchor';

/** The words of the trade, and what is meant by them here. */
export function WordsBook() {
  const words = useWords();
  const sought = useAnchor(words.data !== undefined);
  if (words.error !== null) return <Trouble>{words.error.message}</Trouble>;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0, mb: 2 }}>
        Words
      </Box>
      {words.data === undefined && <Coming lines={12} />}
      <Box component="dl" sx={{ m: 0 }}>
        {(words.data ?? []).map(({ word, meaning }) => (
          <Box
            key={word}
            id={word}
            sx={(t) => ({
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: '200px 1fr' },
              columnGap: 2,
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
              py: 1,
              ...(sought === word ? { outline: `2px solid ${t.vars?.palette.rule}`, outlineOffset: 4 } : {}),
            })}
          >
            <Box component="dt" sx={{ fontWeight: 700 }}>
              {word}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {meaning}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
