import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { useHandbook } from '../api/queries';
import type { HandbookPage } from '../api/client';
import { Coming, later } from '../kit/Coming';
import { Caution, Facts, Section, Trouble } from '../kit/Section';
import { useLook } from '../api/look';
import { OwnFigures } from './OwnFigures';
import { SettingLine } from '../record/SettingLine';
import { SeedToScale } from './SeedToScale';
import { YearStrip } from './YearStrip';

const PictureChart = later(async () => (await import('../charts/PictureChart')).PictureChart, {
  lines: 1,
  height: 260,
});

/** On paper in two columns and small print, so that a page of the book is one or two sheets. */
const onPaper = {
  '@media print': {
    columnCount: 2,
    columnGap: '9mm',
    fontSize: '9pt',
    lineHeight: 1.3,
    '& section': {
      paddingTop: '1.5mm',
      marginTop: 0,
      marginBottom: '1mm',
      paddingBottom: '1mm',
      borderTopWidth: '1px',
    },
    '& dl': { rowGap: '1mm', columnGap: '5mm', breakInside: 'avoid' },
    '& h2': { fontSize: '11pt', marginBottom: '1mm', breakAfter: 'avoid' },
    '& p, & li': { marginBottom: '0.8mm', maxWidth: 'none', breakInside: 'avoid' },
  },
} as const;

/** A crop as a keeper of its seed needs it, to be read rather than looked up. */
export function CropPage({ cropKey }: { cropKey: string }) {
  const page = useHandbook(cropKey);
  const { at } = useLook();
  if (page.error !== null) {
    return (
      <>
        <Trouble>{page.error.message}</Trouble>
        <Box component={Link} to={at('/books/which')} sx={{ color: 'inherit' }}>
          Which one is it?
        </Box>{' '}
        tells by its looks what goes by several names.
      </>
    );
  }
  if (page.data === undefined) return <Coming lines={10} height={40} />;
  const { crop, sections, kin, relations, year, here, sources, look, balance, schools } = page.data;
  return (
    <Box sx={{ maxWidth: 760, '@media print': { maxWidth: 'none' } }}>
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
      {look !== null && <SeedToScale look={look} name={crop.name} />}
      <YearStrip year={year} />
      {here !== null && <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, mb: 2 })}>{here}</Box>}
      <Box sx={onPaper}>
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
            {section.steps.length > 0 && (
              <Box component="ol" sx={{ m: 0, mb: 0.75, pl: 3.5, maxWidth: '46em' }}>
                {section.steps.map((text) => (
                  <li key={text}>{text}</li>
                ))}
              </Box>
            )}
            {section.cautions.map((caution) => (
              <Caution key={caution}>{caution}</Caution>
            ))}
            {section.facts.length > 0 && (
              <Box sx={{ mt: 1 }}>
                <Facts facts={section.facts} />
              </Box>
            )}
            {section.key === 'clean' && schools.length > 0 && (
              <Box component="details" sx={{ '@media print': { display: 'none' } }}>
                <Box
                  component="summary"
                  sx={{
                    cursor: 'pointer',
                    fontWeight: 700,
                    minHeight: 44,
                    display: 'flex',
                    alignItems: 'center',
                  }}
                >
                  How it is done here, where that is not as for other crops
                </Box>
                {schools.map((setting) => (
                  <SettingLine key={setting.field.key} setting={setting} />
                ))}
              </Box>
            )}
            {section.key === 'dry' && balance !== null && (
              <Box sx={{ maxWidth: 560, '@media print': { breakInside: 'avoid', zoom: 0.6 } }}>
                <PictureChart picture={balance} />
              </Box>
            )}
          </Section>
        ))}
      </Box>
      <Box sx={{ '@media print': { display: 'none' } }}>
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
