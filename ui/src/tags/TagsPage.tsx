import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import GlobalStyles from '@mui/material/GlobalStyles';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import type { PaperTag as Words } from '../api/client';
import { useTags } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Empty, Trouble } from '../kit/Section';
import { ChoiceInput } from '../kit/fields';
import { plural } from '../kit/words';
import { FoldPacket } from './FoldPacket';
import { PaperTag, sorts } from './PaperTag';
import { ToPrinter } from './ToPrinter';
import { pages, paperOf, papers, type Paper } from './papers';

const PAPER = 'tags:paper';

/** Tags to print: which, on what, and how they will look. */
export function TagsPage() {
  const { code } = useParams();
  const [params, setParams] = useSearchParams();
  const navigate = useNavigate();
  const codes = code ?? params.get('codes') ?? '';
  const asked = useTags(codes, params.get('place') ?? '');
  const paper = paperOf(params.get('paper') ?? localStorage.getItem(PAPER));
  if (asked.error !== null) return <Trouble>{asked.error.message}</Trouble>;
  if (asked.data === undefined) return <Coming lines={2} height={240} />;
  const there = (Object.keys(sorts) as Words['sort'][]).filter((sort) =>
    asked.data.some((tag) => tag.sort === sort),
  );
  const wanted = params.get('sorts')?.split(',') ?? there;
  const tags = asked.data.filter(({ sort }) => wanted.includes(sort));
  const sheets = pages(tags, paper);
  const set = (key: string, value: string) => {
    params.set(key, value);
    setParams(params, { replace: true });
  };
  return (
    <Box sx={{ p: 3, '@media print': { p: 0 } }}>
      <GlobalStyles
        styles={`@page { size: ${paper.page.width}mm ${paper.page.height}mm; margin: 0 }
          @media print { body { background: #fff } }`}
      />
      <Box sx={{ '@media print': { display: 'none' }, mb: 3, maxWidth: '60em' }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          {codes !== '' && !codes.includes(',') ? `Tags for ${codes}` : 'Tags'}
        </Box>
        {asked.data.length === 0 ? (
          <Empty>Nothing here wants a tag: what is sown, drying, stored or being tested has one.</Empty>
        ) : (
          <>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end', mt: 1.5 }}>
              <Box sx={{ minWidth: 240 }}>
                <ChoiceInput
                  label="Printed on"
                  options={papers.map(({ key, label }) => ({ key, label }))}
                  value={paper.key}
                  onChange={(key) => {
                    localStorage.setItem(PAPER, key);
                    set('paper', key);
                  }}
                />
              </Box>
              <Button variant="contained" disabled={tags.length === 0} onClick={() => window.print()}>
                Print
              </Button>
              <Button variant="text" onClick={() => void navigate(-1)}>
                Back
              </Button>
            </Box>
            <Box
              role="group"
              aria-label="Which tags"
              sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, mt: 1 }}
            >
              {there.map((sort) => (
                <FormControlLabel
                  key={sort}
                  label={`${sorts[sort]} (${asked.data.filter((tag) => tag.sort === sort).length})`}
                  control={
                    <Checkbox
                      checked={wanted.includes(sort)}
                      onChange={(_, on) =>
                        set(
                          'sorts',
                          (on ? [...wanted, sort] : wanted.filter((one) => one !== sort)).join(','),
                        )
                      }
                    />
                  }
                />
              ))}
            </Box>
            <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
              {plural(tags.length, 'tag')},{' '}
              {plural(sheets.length, paper.columns * paper.rows === 1 ? 'label' : 'sheet')}. Print at full
              size, without fitting to the page. One goes on the container, one inside with the seed; pencil
              outlasts ink.
            </Box>
            <ToPrinter tags={tags} codes={codes} place={params.get('place') ?? ''} sorts={wanted.join(',')} />
          </>
        )}
      </Box>
      <Box
        role="region"
        aria-label="How they will look"
        tabIndex={0}
        sx={{
          display: 'grid',
          gap: 3,
          // On a phone a sheet is looked at piece by piece.
          overflowX: 'auto',
          p: '1px',
          justifyContent: 'start',
          '@media print': { gap: 0, p: 0, display: 'block', overflow: 'visible' },
        }}
      >
        {sheets.map((sheet, n) => (
          <Sheet key={n} tags={sheet} paper={paper} />
        ))}
      </Box>
    </Box>
  );
}

function Sheet({ tags, paper }: { tags: Words[]; paper: Paper }) {
  const margin = (paper.page.width - paper.columns * paper.tag.width) / 2;
  const single = paper.columns * paper.rows === 1;
  const Tag = paper.folds === true ? FoldPacket : PaperTag;
  return (
    <Box
      sx={{
        boxSizing: 'border-box',
        width: `${paper.page.width}mm`,
        // A hair less than the page: rounding must not bring out an empty one.
        height: `${paper.page.height - 0.2}mm`,
        p: `${margin}mm`,
        bgcolor: '#fff',
        overflow: 'hidden',
        display: 'grid',
        gridTemplateColumns: `repeat(${paper.columns}, ${paper.tag.width}mm)`,
        gridAutoRows: `${paper.tag.height}mm`,
        boxShadow: '0 0 0 1px #999',
        breakAfter: 'page',
        '&:last-of-type': { breakAfter: 'auto' },
        '@media print': { boxShadow: 'none' },
      }}
    >
      {tags.map((tag) => (
        <Box key={tag.key} sx={single || paper.folds === true ? {} : { outline: '0.15mm solid #bbb' }}>
          <Tag tag={tag} {...paper.tag} />
        </Box>
      ))}
    </Box>
  );
}
