import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
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
import { Waiting } from '../kit/Waiting';
import { Key, Keys } from './Keys';
import { ofPlanting } from './ofPlanting';
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
      ofPlanting(planting.id, 'plant_looked_at', frame.data?.now ?? '', payloadOf(number, look, traits), {
        id: draft.id,
      }),
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
      <Keys label="Struck out">
        {OUT.filter(([key]) => key !== 'rotten' || walk.lifted).map(([key, words]) => (
          <Key
            key={key}
            on={look.out === key}
            onPress={() => draft.set({ out: look.out === key ? '' : key })}
          >
            {words}
          </Key>
        ))}
      </Keys>
      {traits.map((trait, i) => (
        <Keys key={trait.name} label={trait.scale === 'measure' ? '' : trait.name}>
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
              <Key
                key={word}
                on={look.scores[i] === word}
                name={`${trait.name} ${word}`}
                onPress={() => give(i, look.scores[i] === word ? null : word)}
              >
                {word}
              </Key>
            ))
          )}
        </Keys>
      ))}
      <Keys label="">
        <Key on={look.atEdge} onPress={() => draft.set({ atEdge: !look.atEdge })}>
          At a border or a gap
        </Key>
      </Keys>
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
