import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Which, WhichQuestion } from '../api/client';
import { useLook } from '../api/look';
import { useWhich } from '../api/queries';
import { SeedDrawing } from '../charts/SeedDrawing';
import { Coming } from '../kit/Coming';
import { Empty, Trouble } from '../kit/Section';
import { Leaf } from './Leaf';

/** Which bean is it? From a common name to the species that is grown, by two or three questions. */
export function WhichBook({ name }: { name: string | undefined }) {
  const which = useWhich();
  const { at } = useLook();
  if (which.error !== null) return <Trouble>{which.error.message}</Trouble>;
  if (which.data === undefined) return <Coming lines={6} height={44} />;
  const one = which.data.find(({ key }) => key === name);
  if (one !== undefined) return <Asking key={one.key} which={one} />;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Typography variant="h1">Which one is it?</Typography>
      <Box component="p" sx={{ mt: 0.5, maxWidth: '46em' }}>
        One common name may mean several species, and what crosses with what goes by the species. Two or three
        questions lead from the name to the one that you grow.
      </Box>
      {name !== undefined && <Empty>There are no questions about “{name}”. These there are:</Empty>}
      {which.data.map(({ key, title, names }) => (
        <Leaf key={key} to={at(`/books/which/${key}`)} current={false}>
          <b>{title}</b> {names.join(', ')}
        </Leaf>
      ))}
    </Box>
  );
}

function Asking({ which }: { which: Which }) {
  const { at } = useLook();
  /** the answers given so far, by their place among those of their question */
  const [given, setGiven] = useState<number[]>([]);
  const asked: { question: WhichQuestion; answer: number | undefined }[] = [];
  let question: WhichQuestion | null = which.question;
  for (let i = 0; question !== null; i++) {
    const answer: number | undefined = given[i];
    asked.push({ question, answer });
    question = answer === undefined ? null : (question.answers[answer]?.then ?? null);
  }
  const last = asked[asked.length - 1];
  const found = last?.answer === undefined ? undefined : last.question.answers[last.answer];
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Typography variant="h1">{which.title}</Typography>
      {asked.map(({ question: { ask, answers }, answer }, i) => (
        <Box key={ask} component="section" aria-label={ask} sx={{ mt: 2 }}>
          <Typography variant="h2">{ask}</Typography>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {answers.map((one, j) => (
              <Box component="li" key={one.say}>
                <Button
                  aria-pressed={answer === j}
                  onClick={() => setGiven([...given.slice(0, i), j])}
                  sx={(t) => ({
                    width: '100%',
                    justifyContent: 'flex-start',
                    textAlign: 'left',
                    gap: 1.5,
                    my: 0.4,
                    bgcolor: answer === j ? t.vars?.palette.quiet : undefined,
                    fontWeight: answer === j ? 700 : 500,
                  })}
                >
                  <Box
                    component="span"
                    sx={{ width: 36, display: 'grid', placeItems: 'center', flexShrink: 0 }}
                  >
                    {one.look !== null && <SeedDrawing look={one.look} size={32} />}
                  </Box>
                  {one.say}
                </Button>
              </Box>
            ))}
          </Box>
        </Box>
      ))}
      <Box role="status" sx={{ mt: 2, minHeight: 60, fontSize: '1.125rem' }}>
        {found !== undefined && found.crop !== null && (
          <>
            It is{' '}
            <Box
              component={Link}
              to={at(`/books/handbook/${found.crop}`)}
              sx={{ color: 'inherit', fontWeight: 700 }}
            >
              {found.name}
            </Box>
            , <em lang="la">{found.latin}</em>.
          </>
        )}
      </Box>
      <Box component={Link} to={at('/books/which')} sx={{ color: 'inherit' }}>
        Other names that mean several
      </Box>
    </Box>
  );
}
