import Box from '@mui/material/Box';
import { Link, useLocation } from 'react-router';
import type { Frame } from '../api/client';
import { useLook } from '../api/look';
import { pageNames, pages, type PageName } from './places';
import { counted } from '../kit/words';
import { heading } from '../kit/theme';

/** The places of the work: down the side where there is room, in two rows under the thumb on a phone. */
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
        gridTemplateColumns: { xs: 'repeat(4, 1fr)', md: '1fr' },
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
  return (
    <Box
      component={Link}
      to={at(`/${name}`)}
      aria-current={current ? 'page' : undefined}
      sx={(t) => ({
        display: 'flex',
        flexDirection: 'column',
        justifyContent: 'center',
        minHeight: { xs: 50, md: 62 },
        pl: { xs: 1, md: 1.75 },
        pr: 0.5,
        color: t.vars?.palette.text.primary,
        textDecoration: 'none',
        borderLeft: `${current ? 10 : 6}px solid ${pages[name].enamel}`,
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
          fontSize: { xs: '1rem', md: '1.2rem' },
          lineHeight: 1.15,
        }}
      >
        {title}
        {here !== undefined && (
          <Box
            component="span"
            sx={(t) => ({ ml: 0.75, fontWeight: 500, color: t.vars?.palette.text.secondary })}
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
          fontSize: { xs: '0.9rem', md: '1rem' },
        })}
      >
        {wants && (name === 'today' ? `${counted(hands)} due` : `${counted(hands)} to do`)}
      </Box>
    </Box>
  );
}
