import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { useHandbook } from '../api/queries';
import type { HandbookPage } from '../api/client';
import { Caution, Facts, Section, Trouble } from '../kit/Section';
import { useLook } from '../api/look';
import { OwnFigures } from './OwnFigures';
import { YearStrip } from './YearStrip';

/** A crop as a keeper of its seed needs it, to be read rather than looked up. */
export function CropPage({ cropKey }: { cropKey: string }) {
  const page = useHandbook(cropKey);
  if (page.error !== null) return <Trouble>{page.error.message}</Trouble>;
  if (page.data === undefined) return null;
  const { crop, sections, kin, relations, year, sources } = page.data;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Typography variant="h1">{crop.name}</Typography>
      <Box sx={{ fontSize: '1.125rem' }}>
        <em lang="la">{crop.latin}</em>
        {crop.group !== null && ` ${crop.group}`}, {crop.family}, {crop.life_cycle}
      </Box>
      {crop.other_names.length > 0 && (
        <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
          also called {crop.other_names.join(', ')}
        </Box>
      )}
      <YearStrip year={year} />
      {sections.map((section) => (
        <Section key={section.key} title={section.title}>
          {section.key === 'crossing' && (
            <>
              <Kin kin={kin} latin={crop.latin} />
              {relations.map(({ latin, crosses, note }) => (
                <Box component="p" key={latin} sx={{ m: 0, mb: 0.75, maxWidth: '46em' }}>
                  <em lang="la">{latin}</em>, {crosses}. {note}
                </Box>
              ))}
            </>
          )}
          {section.key === 'wrong' ? (
            <Box component="ul" sx={{ m: 0, pl: 3 }}>
              {section.paragraphs.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </Box>
          ) : (
            section.paragraphs.map((text) => (
              <Box component="p" key={text} sx={{ m: 0, mb: 0.75, maxWidth: '46em' }}>
                {text}
              </Box>
            ))
          )}
          {section.cautions.map((caution) => (
            <Caution key={caution}>{caution}</Caution>
          ))}
          {section.facts.length > 0 && (
            <Box sx={{ mt: 1 }}>
              <Facts facts={section.facts} />
            </Box>
          )}
        </Section>
      ))}
      <OwnFigures cropKey={crop.key} />
      <Box component="details">
        <Box
          component="summary"
          sx={{ cursor: 'pointer', fontWeight: 700, minHeight: 44, display: 'flex', alignItems: 'center' }}
        >
          Where the figures come from
        </Box>
        <Facts facts={sources} />
      </Box>
    </Box>
  );
}

/** The crops of the handbook that it crosses with, each a link: the Latin name decides, not the common one. */
function Kin({ kin, latin }: { kin: HandbookPage['kin']; latin: string }) {
  const { at } = useLook();
  const freely = kin.filter(({ crosses }) => crosses === 'freely');
  const seldom = kin.filter(({ crosses }) => crosses !== 'freely');
  const links = (some: HandbookPage['kin']) =>
    some.map(({ key, name, latin: theirs }, i) => (
      <span key={key}>
        {i > 0 && ', '}
        <Box component={Link} to={at(`/books/handbook/${key}`)} sx={{ color: 'inherit' }}>
          {name}
        </Box>
        {theirs !== latin && (
          <>
            {' '}
            (<em lang="la">{theirs}</em>)
          </>
        )}
      </span>
    ));
  return (
    <>
      <Box component="p" sx={{ m: 0, mb: 0.75 }}>
        {freely.length === 0 ? (
          <>Only with its own varieties.</>
        ) : (
          <>Freely with its own varieties and with {links(freely)}.</>
        )}
      </Box>
      {seldom.length > 0 && (
        <Box component="p" sx={{ m: 0, mb: 0.75 }}>
          Now and then with {links(seldom)}.
        </Box>
      )}
    </>
  );
}
