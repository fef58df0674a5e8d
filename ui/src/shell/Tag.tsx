import Box from '@mui/material/Box';
import type { TagWords } from '../api/client';
import { SeedDrawing } from '../charts/SeedDrawing';
import { heading } from '../kit/theme';

const straight = 'polygon(0 0, 100% 0, 100% 100%, 0 100%)';
const torn = 'polygon(0 0, 100% 0, 90% 16%, 100% 33%, 90% 50%, 100% 67%, 90% 84%, 100% 100%, 0 100%)';
const notched = 'polygon(0 0, 100% 0, 82% 50%, 100% 100%, 0 100%)';
const wavy = 'polygon(0 0, 84% 0, 96% 10%, 100% 28%, 86% 50%, 100% 72%, 96% 90%, 84% 100%, 0 100%)';

/**
 * The plant label: the same words on screen as on paper. Its far end says by shape and word how true the line is by what is
 * on record: cut straight (clean), one corner off (near clean), torn (doubtful), notched (crossed, or it will split), rounded
 * off in waves (mixed on purpose). Of what nobody knows there is no end: nothing is said, and the name has the room.
 */
const ends: Record<TagWords['line'], { word: string; shape: string } | null> = {
  'not known': null,
  clean: { word: 'clean', shape: straight },
  'near clean': { word: 'near clean', shape: 'polygon(0 0, 88% 0, 100% 34%, 100% 100%, 0 100%)' },
  doubtful: { word: 'doubtful', shape: torn },
  crossed: { word: 'crossed', shape: notched },
  hybrid: { word: 'hybrid', shape: notched },
  mixing: { word: 'mixing', shape: wavy },
  'not fixed': { word: 'not fixed', shape: torn },
};

/** What asks for a second thought before it is sown for seed stands in full colour. */
const loud = new Set<TagWords['line']>(['doubtful', 'crossed', 'hybrid']);

export const point = 'polygon(14px 0, 100% 0, 100% 100%, 14px 100%, 0 50%)';
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
  const quiet = !loud.has(tag.line);
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
          pr: end === null ? '2px' : 0,
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
          {/* On a sheet it stands beside the tag, as large as there is room for. */}
          {tag.seed !== null && !large && (
            <Box component="span" sx={{ minWidth: 20, display: 'grid', placeItems: 'center' }}>
              <SeedDrawing look={tag.seed} size={20} />
            </Box>
          )}
          <Box component="span" sx={{ minWidth: 0, lineHeight: 1.2 }}>
            <Box
              component="span"
              sx={{
                display: 'block',
                fontWeight: 700,
                fontSize: large ? '1.15rem' : '1rem',
                // On two lines rather than at the cost of the name.
                overflowWrap: 'anywhere',
                lineHeight: dense ? 1.1 : undefined,
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
      {end !== null && (
        <Box
          component="span"
          sx={(t) => ({
            display: 'flex',
            alignItems: 'center',
            // Where it is torn or notched, the word stands clear of that.
            width: (large ? 106 : dense ? 74 : 98) + (end.shape === notched || end.shape === torn ? 8 : 0),
            flexShrink: 0,
            pl: 1,
            lineHeight: 1.05,
            whiteSpace: 'nowrap',
            fontSize: dense ? '0.75rem' : undefined,
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
      )}
    </Box>
  );
}
