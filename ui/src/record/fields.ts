import type { Crop, Entry, Test } from '../api/client';

/**
 * What each kind of entry asks for. The server judges the figures; this only says which fields there are, in what
 * words, and what is usual.
 */
export type Field =
  | {
      name: string;
      label: string;
      type: 'mass' | 'whole' | 'number';
      unit?: string;
      required?: boolean;
      usual?: string;
      hint?: string;
    }
  | { name: string; label: string; type: 'text' | 'long'; required?: boolean; hint?: string }
  | { name: string; label: string; type: 'flag' }
  | { name: string; label: string; type: 'one'; choices: [string, string][]; usual: string }
  | {
      name: string;
      label: string;
      type: 'list';
      count: number;
      grows?: boolean;
      unit?: string;
      usual?: string;
    }
  | { name: 'place'; label: string; type: 'place' };

export type Kind = Entry['kind'];

export function fieldsOf(kind: Kind, crop: Crop, test?: Test): Field[] {
  switch (kind) {
    case 'sown':
      return [
        { name: 'plants', label: 'Plants', type: 'whole', required: true },
        { name: 'sown_from', label: 'Seed from', type: 'text', hint: 'A lot code, a friend, a shop' },
      ];
    case 'first_bloom':
    case 'last_bloom':
      return [];
    case 'off_types_seen':
      return [
        { name: 'seen', label: 'Plants looked over', type: 'whole', required: true },
        { name: 'off', label: 'Of them off-type', type: 'whole', required: true },
        { name: 'how', label: 'In what they differ', type: 'text', hint: 'warted fruit, other leaf' },
      ];
    case 'picked':
      return [
        { name: 'plants', label: 'Plants that gave seed', type: 'whole', required: true },
        { name: 'fruits', label: 'Fruits, pods or heads', type: 'whole' },
        { name: 'mass_g', label: 'They weigh', type: 'mass', unit: 'g' },
      ];
    case 'ferment_started':
      return [
        { name: 'temperature_c', label: 'Room temperature', type: 'number', unit: '°C', required: true },
        {
          name: 'cover',
          label: 'Jar covered with',
          type: 'one',
          usual: 'cloth',
          choices: [
            ['cloth', 'a cloth'],
            ['open', 'nothing'],
            ['loose_lid', 'a loose lid'],
          ],
        },
      ];
    case 'poured_off':
      return [
        { name: 'passes', label: 'Times filled and poured', type: 'whole', required: true },
        { name: 'sprouted', label: 'Some seed had sprouted', type: 'flag' },
      ];
    case 'rinsed':
      return [{ name: 'water', label: 'How the water ran', type: 'text', hint: 'clear, cloudy' }];
    case 'threshed':
      return [{ name: 'mass_g', label: 'Seed and chaff weigh', type: 'mass', unit: 'g' }];
    case 'winnowed':
      return [{ name: 'mass_g', label: 'Clean seed weighs', type: 'mass', unit: 'g' }];
    case 'spread':
      return [
        {
          name: 'surface',
          label: 'Spread on',
          type: 'one',
          usual: 'mesh',
          choices: [
            ['mesh', 'mesh'],
            ['plate', 'a plate'],
            ['coffee_filter', 'a coffee filter'],
            ['paper', 'paper'],
            ['tray', 'a tray'],
            ['hung_bag', 'hung in a bag'],
          ],
        },
        { name: 'mass_g', label: 'It weighs', type: 'mass', unit: 'g' },
        {
          name: 'moisture',
          label: 'Starting moisture',
          type: 'number',
          unit: '%',
          hint: 'Only if it is known; wet-cleaned seed is often near 45 %',
        },
      ];
    case 'weighed':
      return [{ name: 'mass_g', label: 'It weighs', type: 'mass', unit: 'g', required: true }];
    case 'jar_read':
      return [
        { name: 'rh', label: 'Humidity in the jar', type: 'number', unit: '% RH', required: true },
        {
          name: 'temperature_c',
          label: 'Temperature of the jar',
          type: 'number',
          unit: '°C',
          required: true,
          usual: '20',
        },
      ];
    case 'sample_weighed':
      return [
        { name: 'counted', label: 'Seeds in each sample', type: 'whole', required: true, usual: '100' },
        { name: 'masses_g', label: 'Sample weighs', type: 'list', count: 3, grows: true, unit: 'g' },
      ];
    case 'test_started':
      return [
        {
          name: 'replicates',
          label: 'Replicates',
          type: 'whole',
          required: true,
          usual: '2',
          hint: 'Dishes or rolls, kept apart',
        },
        { name: 'seeds', label: 'Seeds in each', type: 'whole', required: true, usual: '25' },
        {
          name: 'temperature_c',
          label: 'Temperature',
          type: 'number',
          unit: '°C',
          required: true,
          usual: String(crop.test_temperature_high),
        },
        {
          name: 'method',
          label: 'Laid out in',
          type: 'one',
          usual: 'damp_towel',
          choices: [
            ['damp_towel', 'a damp towel'],
            ['rolled_cloth', 'a rolled cloth'],
            ['dish', 'dishes'],
            ['sand', 'sand'],
          ],
        },
      ];
    case 'test_counted':
      return [
        { name: 'normal', label: 'New seedlings', type: 'list', count: test?.replicates ?? 1, usual: '' },
        {
          name: 'abnormal',
          label: 'Abnormal or dead',
          type: 'list',
          count: test?.replicates ?? 1,
          usual: '0',
        },
      ];
    case 'stored':
      return [
        {
          name: 'container',
          label: 'Kept in',
          type: 'one',
          usual: 'jar',
          choices: [
            ['jar', 'a tight jar'],
            ['foil_pouch', 'a foil pouch'],
            ['paper_envelope', 'a paper envelope'],
            ['cloth_bag', 'a cloth bag'],
            ['tin', 'a tin'],
          ],
        },
        { name: 'place', label: 'Where', type: 'place' },
        { name: 'mass_g', label: 'It weighs', type: 'mass', unit: 'g' },
        { name: 'seeds', label: 'Seeds, if counted', type: 'whole' },
      ];
    case 'withdrawn':
      return [
        {
          name: 'purpose',
          label: 'Taken for',
          type: 'one',
          usual: 'sowing',
          choices: [
            ['sowing', 'sowing'],
            ['gift', 'a gift'],
            ['swap', 'a swap'],
            ['eaten', 'eating'],
            ['lost', 'lost'],
            ['discarded', 'thrown out'],
          ],
        },
        { name: 'seeds', label: 'Seeds', type: 'whole', hint: 'Or the mass' },
        { name: 'mass_g', label: 'Mass', type: 'mass', unit: 'g' },
        { name: 'to', label: 'To whom, or where', type: 'text' },
      ];
    case 'noted':
      return [{ name: 'text', label: 'Note', type: 'long', required: true }];
    default:
      return [];
  }
}
