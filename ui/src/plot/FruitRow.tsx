import Box from '@mui/material/Box';
import { useState } from 'react';
import { Link } from 'react-router';
import type { ShelfRow } from '../api/client';
import { useLook } from '../api/look';
import { FruitDrawing } from '../charts/FruitDrawing';
import { Empty } from '../kit/Section';
import { places } from '../shell/places';
import { Tag } from '../shell/Tag';
import { FruitHere } from './FruitHere';
import { TakeSeed } from './TakeSeed';

/** The fruit of one planting as a strip, the one in hand large below it, and what was found of them plant by plant. */
export function FruitRow({ row, fixed }: { row: ShelfRow; fixed: boolean }) {
  const { at } = useLook();
  const [chosen, setChosen] = useState<number | null>(null);
  const here = row.fruits.find(({ number }) => number === chosen) ?? row.fruits[0];
  /** The one after it in the strip, round to the first. */
  const after = (number: number) => {
    const i = row.fruits.findIndex((one) => one.number === number);
    return row.fruits[(i + 1) % row.fruits.length]?.number ?? null;
  };
  return (
    <Box component="section" aria-label={`${row.tag.code} ${row.tag.variety}`} sx={{ mb: 4 }}>
      <Box
        component={Link}
        to={at(`/plot/${row.tag.code}`)}
        sx={{ textDecoration: 'none', display: 'block', maxWidth: 460 }}
      >
        <Tag tag={row.tag} />
      </Box>
      {row.fruits.length === 0 && (
        <Empty>{row.closed === '' ? 'No fruit of it lies there.' : row.closed}</Empty>
      )}
      <Box
        component="ul"
        aria-label="Fruit"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, listStyle: 'none', m: 0, my: 1, p: 0 }}
      >
        {row.fruits.map((fruit) => (
          <li key={fruit.number}>
            <Box
              component="button"
              type="button"
              aria-label={`Fruit ${fruit.number}: ${fruit.next}`}
              aria-current={fruit.number === here?.number}
              onClick={() => setChosen(fruit.number)}
              sx={(t) => ({
                appearance: 'none',
                border: `2px solid ${fruit.number === here?.number ? t.vars?.palette.text.primary : 'transparent'}`,
                borderRadius: `${t.shape.borderRadius}px`,
                bgcolor: 'transparent',
                color: 'inherit',
                font: 'inherit',
                cursor: 'pointer',
                minWidth: 60,
                p: 0.75,
                display: 'grid',
                justifyItems: 'center',
              })}
            >
              <FruitDrawing shape={row.shape} fruit={fruit} fill={places.plot.enamel} size={44} />
              <b>{fruit.number}</b>
            </Box>
          </li>
        ))}
      </Box>
      {here !== undefined && (
        <FruitHere
          key={here.number}
          row={row}
          fruit={here}
          fixed={fixed}
          onNext={() => setChosen(after(here.number))}
        />
      )}
      {row.fruits.some(({ open }) => open) && (
        <Box
          component={Link}
          to={at(`/plot/tasting/${row.tag.code}`)}
          sx={{ color: 'inherit', display: 'inline-block', py: 1 }}
        >
          Taste them blind
        </Box>
      )}
      {!fixed && <TakeSeed row={row} />}
      {row.said.length > 0 && (
        <Box component="ul" aria-label="Plant by plant" sx={{ maxWidth: '46em', pl: 2.5, my: 1 }}>
          {row.said.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}
