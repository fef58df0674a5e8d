import type { ListItem, PlaceName, TagWords } from '../api/client';

const tag = (
  subject: TagWords['subject'],
  code: string,
  variety: string,
  crop: string,
  year: number,
): TagWords => ({
  subject,
  code,
  variety,
  crop,
  latin: '',
  year,
  generation: '',
  line: 'not known',
  seed: null,
});

const item = (of: TagWords, figure: string, label: string, detail: string): ListItem => ({
  tag: of,
  figure,
  label,
  detail,
  task: null,
  at_risk: false,
  vessel: null,
  bar: null,
});

/** What comes to stand in each place, drawn where nothing does yet; made up, and said to be. */
export const examples: Record<PlaceName, ListItem[]> = {
  plot: [
    item(
      tag('planting', 'P1', 'Sluice Gate', 'Tomato', 2026),
      'seed may be ripe',
      '',
      '10 plants, Glasshouse, left',
    ),
    item(tag('planting', 'P2', 'Estuary Blue', 'Leek', 2025), 'in bloom', '', '32 plants, North wall'),
  ],
  bench: [
    item(
      tag('lot', 'L1', 'Sluice Gate', 'Tomato', 2026),
      '40 h',
      'fermenting',
      'at 24 °C; pour off before it sprouts',
    ),
    item(tag('lot', 'L2', 'Coxswain', 'Pea', 2026), 'to thresh', '', 'picked from 90 plants'),
  ],
  racks: [
    item(
      tag('lot', 'L1', 'Sluice Gate', 'Tomato', 2026),
      '9.8 %',
      'moisture',
      'dry enough for a jar in about 2 days',
    ),
    item(tag('lot', 'L2', 'Coxswain', 'Pea', 2026), '383 g', 'last weighed', 'weight steady'),
  ],
  trays: [
    item(
      tag('lot', 'L1', 'Sluice Gate', 'Tomato', 2026),
      '41 of 50',
      'sprouted by day 7',
      'next count in 3 days',
    ),
    item(
      tag('lot', 'L3', 'Capstan', 'Onion', 2024),
      '12 of 50',
      'sprouted by day 6',
      'fewer than was forecast',
    ),
  ],
  store: [
    item(
      tag('lot', 'L1', 'Sluice Gate', 'Tomato', 2026),
      'until about 2034',
      '92 %, likely 81 to 97 %',
      'about 2 700 seeds, glass jar',
    ),
    item(
      tag('lot', 'L3', 'Capstan', 'Onion', 2024),
      'test before use',
      '70 %, likely 63 to 75 %',
      'about 1 500 seeds, envelope',
    ),
  ],
};

/** What may be due; made up as well. */
export const dueExamples = [
  {
    tag: tag('lot', 'L1', 'Sluice Gate', 'Tomato', 2026),
    act: 'Pour off before tomorrow 06:00.',
    why: 'At 24 °C the gel lets go after about 58 h; left longer, seed sprouts.',
  },
  {
    tag: tag('planting', 'P2', 'Estuary Blue', 'Leek', 2025),
    act: 'Look for ripe seed.',
    why: 'The heads open and show black seed.',
  },
  {
    tag: tag('lot', 'L3', 'Capstan', 'Onion', 2024),
    act: 'Test it before it is sown.',
    why: 'Onion seed is counted on for a year or two, and this is older.',
  },
];
