import Box from '@mui/material/Box';
import OutlinedInput from '@mui/material/OutlinedInput';
import { Link, useSearchParams } from 'react-router';
import { useCrops } from '../api/queries';
import { SaveAs } from '../kit/SaveAs';
import { Trouble } from '../kit/Section';
import { useLook } from '../api/look';
import { findCrops, kinds, meanings } from '../record/handbook';
import { Leaf } from './Leaf';

/** The crops of the handbook, found by common name, Latin name or family. */
export function HandbookList({ leaf }: { leaf: string | undefined }) {
  const crops = useCrops();
  const { at } = useLook();
  const [params, setParams] = useSearchParams();
  const typed = params.get('named') ?? '';
  const all = crops.data ?? [];
  const found = findCrops(all, typed);
  const meant = meanings(all, typed);
  const keep = (path: string) => {
    const to = at(path);
    return typed === '' ? to : `${to}${to.includes('?') ? '&' : '?'}named=${encodeURIComponent(typed)}`;
  };
  return (
    <>
      <Box component="h2" sx={{ typography: 'h2', mt: 2.5, mb: 1 }}>
        Handbook
      </Box>
      <OutlinedInput
        fullWidth
        placeholder="Common name, Latin name, family"
        value={typed}
        onChange={(event) =>
          setParams(
            (now) => {
              const next = new URLSearchParams(now);
              if (event.target.value === '') next.delete('named');
              else next.set('named', event.target.value);
              return next;
            },
            { replace: true },
          )
        }
        inputProps={{ 'aria-label': 'Find a crop in the handbook' }}
      />
      {crops.error !== null && <Trouble>{crops.error.message}</Trouble>}
      {meant.length > 0 && (
        <Box role="status" sx={{ mt: 1 }}>
          “{typed.trim()}” can mean any of {meant.length} species or groups. Which do you have? The Latin name
          decides what it crosses with. <Link to={at('/books/which')}>Two or three questions tell</Link>.
        </Box>
      )}
      {crops.data !== undefined && found.length === 0 && (
        <Box role="status" sx={{ mt: 1 }}>
          No crop of that name. Try its Latin name, or part of it.
        </Box>
      )}
      <Leaf to={at('/books/handbook/new-crop')} current={leaf === 'new-crop'}>
        A crop that is missing: add it
      </Leaf>
      {found.length > 0 && (
        <SaveAs
          title="Handbook"
          table={() => [
            ['Crop', 'Latin name', 'Family', 'Also called'],
            ...found.map(({ name, latin, family, other_names }) => [
              name,
              latin,
              family,
              other_names.join(', '),
            ]),
          ]}
        />
      )}
      {kinds.map(([kind, title]) => {
        const some = found.filter((crop) => crop.kind === kind);
        return some.length === 0 ? null : (
          <Box component="section" key={kind} aria-label={title}>
            <Box component="h3" sx={{ typography: 'h3', mt: 2, mb: 0 }}>
              {title}
            </Box>
            {some.map((crop) => (
              <Leaf key={crop.key} to={keep(`/books/handbook/${crop.key}`)} current={leaf === crop.key}>
                <b>{crop.name}</b>, <em lang="la">{crop.latin}</em>
              </Leaf>
            ))}
          </Box>
        );
      })}
    </>
  );
}
