import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { Refused, type Planting } from '../api/client';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { useDraft } from '../kit/draft';
import { errorOf } from '../kit/FieldGrid';
import { TextInput } from '../kit/fields';
import { FormFrame } from '../kit/FormFrame';
import { Resumed } from '../kit/Resumed';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';
import { useSpoken } from '../kit/spoken';
import { Waiting } from '../kit/Waiting';
import { Photographs } from './Photographs';
import { lookOf, payloadOf, type Look } from './walk';

const OUT = [
  ['sick', 'Sick'],
  ['off_type', 'Off-type'],
  ['weak', 'Weak'],
  ['rotten', 'Rotten'],
  ['pulled', 'Gone'],
] as const;

/** One plant a screen: struck out, or given what the planting is chosen by, in large targets. */
export function WalkPlant({
  planting,
  number,
  last,
  go,
}: {
  planting: Planting;
  number: number;
  last: number;
  go: (number: number) => void;
}) {
  const { moment } = useSpoken();
  const frame = useFrame();
  const say = useSay();
  const { walk } = planting;
  const { traits } = walk;
  const before = walk.plants.find((plant) => plant.number === number);
  const draft = useDraft<Look>(`walk:${planting.id}:${number}`, () => lookOf(before, traits), {
    title: `Plant ${number}, ${planting.tag.code}`,
    at: window.location.pathname,
  });
  const look = draft.values;
  const save = useRecord(() => ({
    title: `Plant ${number}, ${planting.tag.code}`,
    form: draft.name,
    at: window.location.pathname,
    drafts: [
      {
        id: draft.id,
        kind: 'plant_looked_at',
        about: { subject: 'planting' as const, id: planting.id },
        happened_at: moment(frame.data?.now ?? ''),
        payload: payloadOf(number, look, traits),
        even_so: false,
      },
    ],
  }));
  const refused = save.error instanceof Refused ? save.error : undefined;
  const give = (i: number, told: string | null) =>
    draft.set({ scores: traits.map((_, t) => (t === i ? told : (look.scores[t] ?? null))) });
  return (
    <FormFrame
      label={`Plant ${number}`}
      refused={refused}
      busy={save.isPending}
      onSubmit={() =>
        void afterwards(save.mutateAsync(undefined), (saved) => {
          draft.clear();
          say(`Kept. ${saved.said}`, saved.entry);
          if (number < last) go(number + 1);
        })
      }
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', my: 1 }}>
        <Button aria-label="The plant before" disabled={number <= 1} onClick={() => go(number - 1)}>
          ‹
        </Button>
        <Box component="h2" sx={{ typography: 'h2', m: 0, flex: 1, textAlign: 'center' }}>
          Plant {number}
          {walk.there !== null && ` of ${walk.there}`}
        </Box>
        <Button aria-label="The plant after" disabled={number >= last} onClick={() => go(number + 1)}>
          ›
        </Button>
      </Box>
      <Resumed draft={draft} />
      <Row name="Struck out">
        {OUT.filter(([key]) => key !== 'rotten' || walk.lifted).map(([key, words]) => (
          <Press
            key={key}
            on={look.out === key}
            onPress={() => draft.set({ out: look.out === key ? '' : key })}
          >
            {words}
          </Press>
        ))}
      </Row>
      {traits.map((trait, i) => (
        <Row key={trait.name} name={trait.scale === 'measure' ? '' : trait.name}>
          {trait.scale === 'measure' ? (
            <Box sx={{ width: 170 }}>
              <TextInput
                label={`${trait.name}, ${trait.unit}`}
                value={look.scores[i] ?? ''}
                onChange={(told) => give(i, told)}
              />
            </Box>
          ) : (
            trait.words.map((word) => (
              <Press
                key={word}
                on={look.scores[i] === word}
                name={`${trait.name} ${word}`}
                onPress={() => give(i, look.scores[i] === word ? null : word)}
              >
                {word}
              </Press>
            ))
          )}
        </Row>
      ))}
      <Row name="">
        <Press on={look.atEdge} onPress={() => draft.set({ atEdge: !look.atEdge })}>
          At a border or a gap
        </Press>
      </Row>
      <Box sx={{ maxWidth: 440 }}>
        <TextInput
          label="What few have"
          hint="White stems: kept in the mix although it scores low"
          value={look.rare}
          onChange={(rare) => draft.set({ rare })}
        />
      </Box>
      <Photographs planting={planting} plant={number} />
      {refused !== undefined && (
        <Trouble>
          {errorOf('scores', refused.fields) ?? errorOf('plant', refused.fields) ?? refused.message}
        </Trouble>
      )}
      <Waiting write={save} />
      <Button
        type="submit"
        variant="contained"
        disabled={save.isPending}
        sx={{ mt: 2, mb: 3, minWidth: 200 }}
      >
        {save.isPending ? 'Keeping …' : `Keep plant ${number}`}
      </Button>
    </FormFrame>
  );
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box role="group" aria-label={name === '' ? undefined : name} sx={{ my: 1.25 }}>
      {name !== '' && <Box sx={{ fontWeight: 700, mb: 0.5 }}>{name}</Box>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>{children}</Box>
    </Box>
  );
}

/** A key that stays down. */
function Press({
  on,
  name,
  onPress,
  children,
}: {
  on: boolean;
  name?: string;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <Button
      variant={on ? 'contained' : 'outlined'}
      aria-pressed={on}
      aria-label={name}
      sx={{ minWidth: 56 }}
      onClick={onPress}
    >
      {children}
    </Button>
  );
}
