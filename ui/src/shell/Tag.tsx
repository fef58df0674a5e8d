import Box from '@mui/material/Box';
import type { TagWords } from '../api/client';
import { SeedDrawing } from '../charts/SeedDrawing';
import { heading } from '../kit/theme';

/**
 * The plant label: the same words on screen as on paper. Its far end says by shape and word how sure the line is:
 * cut straight (true), torn (unsure), notched (crossed), rounded off in waves (mixing).
 */
const ends: Record<TagWords['line'], { word: string; shape: string }> = {
  true: { word: 'true', shape: 'polygon(0 0, 100% 0, 100% 100%, 0 100%)' },
  unsure: {
    word: 'unsure',
    shape: 'polygon(0 0, 100% 0, 90% 16%, 100% 33%, 90% 50%, 100% 67%, 90% 84%, 100% 100%, 0 100%)',
  },
  crossed: { word: 'crossed', shape: 'polygon(0 0, 100% 0, 82% 50%, 100% 100%, 0 100%)' },
  mixing: {
    word: 'mixing',
    shape: 'polygon(0 0, 84% 0, 96% 10%, 100% 28%, 86% 50%, 100% 72%, 96% 90%, 84% 100%, 0 100%)',
  },
};

const point = 'polygon(14px 0, 100% 0, 100% 100%, 14px 100%, 0 50%)';
const pointInside = 'polygon(13px 0, 100% 0, 100% 100%, 13px 100%, 0 50%)';

export function Tag({
  tag,
  large = false,
  dense = false,
}: {
  tag: TagWords;
  large?: boolean;
  /** one line of it, for lists that are scanned */
  dense?: boolean;
}) {
  const end = ends[tag.line];
  // What is so with nearly all of them must not be what draws the eye.
  const quiet = tag.line === 'true';
  return (
    <Box
      component="span"
      sx={(t) => ({ display: 'flex', width: '100%', minWidth: 0, color: t.vars?.palette.text.primary })}
    >
      <Box
        component="span"
        sx={(t) => ({
          flex: 1,
          minWidth: 0,
          p: '2px',
          pr: 0,
          bgcolor: t.vars?.palette.rule,
          clipPath: point,
        })}
      >
        <Box
          component="span"
          sx={(t) => ({
            display: 'flex',
            alignItems: 'center',
            gap: dense ? 0.75 : 1.25,
            height: '100%',
            bgcolor: t.vars?.palette.background.paper,
            clipPath: pointInside,
            pl: 3,
            pr: 1,
            py: large ? 1 : dense ? 0.25 : 0.5,
          })}
        >
          <Box
            component="span"
            sx={{
              fontFamily: heading,
              fontWeight: 800,
              fontSize: large ? '1.9rem' : dense ? '1.15rem' : '1.3rem',
              lineHeight: 1,
              whiteSpace: 'nowrap',
            }}
          >
            {tag.code}
          </Box>{' '}
          {tag.seed !== null && (
            <Box component="span" sx={{ minWidth: large ? 40 : 20, display: 'grid', placeItems: 'center' }}>
              <SeedDrawing look={tag.seed} size={large ? 40 : 20} />
            </Box>
          )}
          <Box component="span" sx={{ minWidth: 0, lineHeight: 1.2 }}>
            <Box
              component="span"
              sx={{
                display: 'block',
                fontWeight: 700,
                fontSize: large ? '1.15rem' : '1rem',
                overflow: 'hidden',
                textOverflow: 'ellipsis',
                whiteSpace: dense ? 'nowrap' : undefined,
              }}
            >
              {tag.variety}
              <Box component="span" sx={{ fontWeight: 400 }}>
                {tag.generation !== '' && ` ${tag.generation}`}
                {tag.year !== null && ` ${tag.year}`}
              </Box>
            </Box>
            {!dense && (
              <Box
                component="span"
                sx={(t) => ({
                  display: 'block',
                  color: t.vars?.palette.text.secondary,
                  overflow: 'hidden',
                  textOverflow: 'ellipsis',
                  whiteSpace: 'nowrap',
                })}
              >
                <em lang="la">{tag.latin}</em>
              </Box>
            )}
          </Box>
        </Box>
      </Box>
      <Box
        component="span"
        sx={(t) => ({
          display: 'flex',
          alignItems: 'center',
          // The notch of a crossed line cuts deep: its word stands clear of it.
          width:
            (large ? 92 : dense ? (quiet ? 52 : 66) : 76) + (tag.line === 'crossed' ? (dense ? 22 : 14) : 0),
          pl: 1,
          bgcolor: quiet ? t.vars?.palette.quiet : t.vars?.palette.rule,
          color: quiet ? t.vars?.palette.text.primary : t.vars?.palette.background.paper,
          boxShadow: quiet ? `inset 0 0 0 2px ${t.vars?.palette.rule}` : undefined,
          clipPath: end.shape,
          fontFamily: heading,
          fontWeight: 600,
        })}
      >
        {end.word}
      </Box>
    </Box>
  );
}
