import Box from '@mui/material/Box';
import { Link, useLocation } from 'react-router';
import type { Frame } from '../api/client';
import { useLook } from '../api/look';
import { pageNames, pages, type PageName } from './places';
import { counted } from '../kit/words';
import { foot, heading } from '../kit/theme';

/** The places of the work: down the side where there is room, in one row under the thumb on a phone. */
export function Places({ counts, handsToday }: { counts: Frame['places']; handsToday: number }) {
  const { pathname } = useLocation();
  const here = pathname.split('/')[1];
  return (
    <Box
      component="nav"
      aria-label="Places"
      sx={(t) => ({
        '@media print': { display: 'none' },
        zIndex: 10,
        bgcolor: t.vars?.palette.background.default,
        position: { xs: 'fixed', md: 'sticky' },
        top: { md: 0 },
        bottom: { xs: 0, md: 'auto' },
        left: { xs: 0, md: 'auto' },
        right: { xs: 0, md: 'auto' },
        alignSelf: 'start',
        width: { md: 176 },
        flexShrink: 0,
        display: 'grid',
        gridTemplateColumns: { xs: `repeat(${pageNames.length}, minmax(0, 1fr))`, md: '1fr' },
        pb: { xs: 'env(safe-area-inset-bottom)', md: 0 },
        borderTop: { xs: `2px solid ${t.vars?.palette.rule}`, md: 0 },
      })}
    >
      {pageNames.map((name) => {
        const { title } = pages[name];
        const count = counts.find(({ place }) => place === name);
        return (
          <PlacePlate
            key={name}
            name={name}
            title={title}
            current={here === name}
            here={count?.here}
            hands={name === 'today' ? handsToday : count?.hands}
          />
        );
      })}
    </Box>
  );
}

function PlacePlate({
  name,
  title,
  current,
  here,
  hands,
}: {
  name: PageName;
  title: string;
  current: boolean;
  here: number | undefined;
  hands: number | undefined;
}) {
  const { at } = useLook();
  const wants = hands !== undefined && hands > 0;
  const spine = current ? 10 : 6;
  return (
    <Box
      component={Link}
      to={at(`/${name}`)}
      aria-current={current ? 'page' : undefined}
      sx={(t) => ({
        display: 'flex',
        flexDirection: 'column',
        justifyContent: 'center',
        alignItems: { xs: 'center', md: 'flex-start' },
        minHeight: { xs: foot - 2, md: 62 },
        // The words stand on one line however thick the spine is.
        pt: { xs: `${12 - spine}px`, md: 0 },
        pl: { md: 1.75 },
        pr: { md: 0.5 },
        color: t.vars?.palette.text.primary,
        textDecoration: 'none',
        borderTop: { xs: `${spine}px solid ${pages[name].enamel}`, md: 0 },
        borderLeft: { md: `${spine}px solid ${pages[name].enamel}` },
        borderBottom: { md: `2px solid ${t.vars?.palette.rule}` },
        bgcolor: current ? t.vars?.palette.background.paper : undefined,
        borderRight: { md: current ? 0 : `2px solid ${t.vars?.palette.rule}` },
        '&:hover': { bgcolor: t.vars?.palette.background.paper },
        '&:focus-visible': { outlineOffset: -3 },
      })}
    >
      <Box
        component="span"
        sx={{
          fontFamily: heading,
          fontWeight: current ? 800 : 650,
          fontSize: { xs: 'clamp(0.75rem, 3.9vw, 0.9375rem)', md: '1.2rem' },
          lineHeight: 1.15,
        }}
      >
        {title}
        {here !== undefined && (
          <Box
            component="span"
            sx={(t) => ({
              display: { xs: 'none', md: 'inline' },
              ml: 0.75,
              fontWeight: 500,
              color: t.vars?.palette.text.secondary,
            })}
          >
            {here}
          </Box>
        )}
      </Box>
      <Box
        component="span"
        sx={(t) => ({
          color: t.vars?.palette.text.secondary,
          whiteSpace: 'nowrap',
          lineHeight: 1.2,
          fontSize: { xs: 'clamp(0.6875rem, 3.4vw, 0.8125rem)', md: '1rem' },
          minHeight: { xs: '1.2em', md: 0 },
        })}
      >
        {wants && (name === 'today' ? `${counted(hands)} due` : `${counted(hands)} to do`)}
      </Box>
    </Box>
  );
}
