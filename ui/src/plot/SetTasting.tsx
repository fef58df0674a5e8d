import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { v7 } from 'uuid';
import { Refused, type Tastings } from '../api/client';
import { Asked } from '../api/entries';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Caution, Section, Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { Key, Keys } from './Keys';
import { ofPlanting } from './ofPlanting';

/** What is set out, and what so many plates can show before anybody has tasted. */
export function SetTasting({ of, open: wide }: { of: Tastings; open: boolean }) {
  const frame = useFrame();
  const say = useSay();
  const [open, setOpen] = useState(wide);
  const sorts = [
    ...(of.fruits.length > 1 ? [['fruit', 'Fruit from the shelf', of.fruits] as const] : []),
    ...(of.plants.length > 1 ? [['plant', 'Plants of the row', of.plants] as const] : []),
  ];
  const [sort, setSort] = useState(0);
  const [how, setHow] = useState<'raw' | 'cooked'>('raw');
  const [left, setLeft] = useState<number[]>([]);
  const chosen = sorts[sort];
  const numbers = (chosen?.[2] ?? []).filter((number) => !left.includes(number));
  const save = useRecord((evenSo: boolean) => ({
    title: `A tasting, ${of.tag.code}`,
    at: window.location.pathname,
    drafts: [
      ofPlanting(
        of.id,
        'tasting_set',
        frame.data?.now ?? '',
        { tasting: v7(), of: chosen?.[0], samples: numbers, how },
        { evenSo },
      ),
    ],
  }));
  if (chosen === undefined) return null;
  if (!open)
    return (
      <Button
        variant="outlined"
        sx={{ mb: 2, '@media print': { display: 'none' } }}
        onClick={() => setOpen(true)}
      >
        Hold another tasting
      </Button>
    );
  const set = (evenSo: boolean) =>
    void afterwards(save.mutateAsync(evenSo), (saved) => {
      say(`Kept. ${saved.said}`, saved.entry);
      setOpen(false);
    });
  return (
    <Box sx={{ '@media print': { display: 'none' } }}>
      <Section title="Set out the plates">
        {of.cautions.map((caution) => (
          <Caution key={caution}>{caution}</Caution>
        ))}
        {sorts.length > 1 && (
          <Keys label="Plates of">
            {sorts.map(([key, words], i) => (
              <Key
                key={key}
                on={i === sort}
                onPress={() => {
                  setSort(i);
                  setLeft([]);
                }}
              >
                {words}
              </Key>
            ))}
          </Keys>
        )}
        <Keys label={chosen[0] === 'fruit' ? 'Which fruit' : 'Which plants'}>
          {chosen[2].map((number) => (
            <Key
              key={number}
              on={!left.includes(number)}
              onPress={() =>
                setLeft(left.includes(number) ? left.filter((one) => one !== number) : [...left, number])
              }
            >
              {number}
            </Key>
          ))}
        </Keys>
        <Keys label="Tasted">
          <Key on={how === 'raw'} onPress={() => setHow('raw')}>
            Raw
          </Key>
          <Key on={how === 'cooked'} onPress={() => setHow('cooked')}>
            Cooked
          </Key>
        </Keys>
        <Box sx={{ maxWidth: '46em', my: 1 }}>
          {numbers.length < 2 ? 'Two plates at the least.' : of.wants[numbers.length - 2]}
        </Box>
        {save.error instanceof Refused && <Trouble>{save.error.message}</Trouble>}
        <Waiting write={save} typed={false} />
        <Button
          variant="contained"
          disabled={numbers.length < 2 || save.isPending}
          onClick={() => set(save.error instanceof Asked)}
        >
          {save.error instanceof Asked ? 'It was so all the same' : 'Give them numbers'}
        </Button>
      </Section>
    </Box>
  );
}
