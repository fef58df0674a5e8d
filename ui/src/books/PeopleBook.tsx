import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, Refused, take, type Given, type Person } from '../api/client';
import { useLook } from '../api/look';
import { afterwards, usePeople, useWrite } from '../api/queries';
import { Coming } from '../kit/Coming';
import { SaveAs } from '../kit/SaveAs';
import { useSay } from '../kit/Said';
import { Caution, Empty, Section, Trouble } from '../kit/Section';
import { TextInput } from '../kit/fields';
import { Offers } from '../record/Offers';

/** Whose seed is here and who has seed from here; what must be called back stands first. */
export function PeopleBook() {
  const people = usePeople();
  const [params, setParams] = useSearchParams();
  const text = params.get('whom') ?? '';
  const setText = (whom: string) => setParams(whom === '' ? {} : { whom }, { replace: true });
  if (people.error !== null) return <Trouble>{people.error.message}</Trouble>;
  if (people.data === undefined) return <Coming lines={8} />;
  const shown = people.data.filter(({ name }) => name.toLowerCase().includes(text.trim().toLowerCase()));
  return (
    <Box sx={{ maxWidth: 860 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
        People
      </Box>
      <p>Whose seed came here, and who has seed from here.</p>
      {people.data.length === 0 && (
        <Empty>Nobody yet. A name is here when seed came from somebody, or was given to them.</Empty>
      )}
      {(people.data.length > 8 || text !== '') && <TextInput label="Whom" value={text} onChange={setText} />}
      {people.data.length > 0 && (
        <SaveAs
          title="Given away"
          table={() => [
            ['To', 'On', 'Code', 'Crop', 'Variety', 'Amount', 'To know'],
            ...people.data.flatMap(({ name, has }) =>
              has.map(({ on, tag, amount, said }) =>
                [name, on, tag.code, tag.crop, tag.variety, amount, said].map((cell) =>
                  cell.replaceAll('\u00A0', ' '),
                ),
              ),
            ),
          ]}
        />
      )}
      {shown.map((person) => (
        <One key={person.name} person={person} />
      ))}
    </Box>
  );
}

function One({ person }: { person: Person }) {
  const { at, on } = useLook();
  const [forgetting, setForgetting] = useState(false);
  return (
    <Section
      title={person.name}
      action={
        on === undefined &&
        !forgetting && (
          <Button variant="text" aria-label={`Forget ${person.name}`} onClick={() => setForgetting(true)}>
            Forget
          </Button>
        )
      }
    >
      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>{person.said}</Box>
      {forgetting && <Forget name={person.name} onLeave={() => setForgetting(false)} />}
      <Box component="ul" aria-label={`What ${person.name} has`} sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {person.has.map((given) => (
          <Gift key={given.entry} given={given} to={person.name} />
        ))}
      </Box>
      {person.gave.length > 0 && (
        <Box sx={{ mt: 0.5 }}>
          From there:{' '}
          {person.gave.map((tag, i) => (
            <span key={tag.code}>
              {i > 0 && ', '}
              <Box component={Link} to={at(`/lots/${tag.code}`)} sx={{ color: 'inherit' }}>
                {tag.code} {tag.variety}
              </Box>
            </span>
          ))}
        </Box>
      )}
    </Section>
  );
}

function Gift({ given, to }: { given: Given; to: string }) {
  const { at, on } = useLook();
  return (
    <Box component="li" sx={{ py: 0.25 }}>
      {given.on}: <b>{given.amount}</b> of{' '}
      <Box component={Link} to={at(`/lots/${given.tag.code}`)} sx={{ color: 'inherit' }}>
        {given.tag.code} {given.tag.variety}
      </Box>
      , {given.tag.crop.toLowerCase()}
      {given.told !== null ? (
        <>
          <Caution>{given.said}</Caution>
          {on === undefined && (
            <Offers
              about={{ subject: 'lot', id: given.lot }}
              offers={[given.told]}
              words={{ called_back: `${to} was told` }}
            />
          )}
        </>
      ) : (
        given.said !== '' && ` · ${given.said}`
      )}
    </Box>
  );
}

/** It cannot be taken back, so it is asked for once more. */
function Forget({ name, onLeave }: { name: string; onLeave: () => void }) {
  const say = useSay();
  const forget = useWrite(() => take(api.POST('/people/forget', { body: { name } })));
  return (
    <>
      <Caution>
        The name goes from every entry, note and list, and from the file; what was given or came stays, by
        “somebody”. This cannot be taken back. Copies made before, and files you have saved, still hold it.
      </Caution>
      {forget.error instanceof Refused && <Trouble>{forget.error.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, mb: 1 }}>
        <Button
          variant="contained"
          disabled={forget.isPending}
          onClick={() => void afterwards(forget.mutateAsync(undefined), ({ said }) => say(said))}
        >
          Forget {name} for good
        </Button>
        <Button variant="text" onClick={onLeave}>
          Cancel
        </Button>
      </Box>
    </>
  );
}
