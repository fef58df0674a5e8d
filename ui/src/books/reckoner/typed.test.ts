import { describe, expect, it } from 'vitest';
import type { Reckoning, ReckoningInput } from '../../api/client';
import { byLikeness } from './find';
import { given, inputsTaken, sent, waysIn } from './typed';

const input = (key: string, more: Partial<ReckoningInput> = {}): ReckoningInput => ({
  key,
  type: 'number',
  label: key,
  unit: '',
  bounds: '',
  required: false,
  default: null,
  options: [],
  ...more,
});

const sowing = {
  name: 'sowing.seeds',
  question: 'How many seeds must I sow to get the plants I want?',
  also: 'thickly packet',
  family: 'Sowing',
  source: 'binomial',
  inputs: [
    input('plants', { required: true }),
    input('rate', { type: 'share' }),
    input('germinated'),
    input('sown'),
    input('confidence', { type: 'share', default: '0.95' }),
  ],
  alternatives: [
    {
      label: 'what is known of the seed',
      ways: [
        { label: 'its share', inputs: ['rate'] },
        { label: 'a test of it', inputs: ['germinated', 'sown'] },
      ],
    },
  ],
} as unknown as Reckoning;

describe('what is typed into a reckoner', () => {
  it.each([
    ['82', '0.82'],
    ['82,5', '0.825'],
    [' 7 ', '0.07'],
    ['0.1', '0.001'],
    ['82 %', '82 %'],
    ['', ''],
  ])('takes a share of %j per cent as %j', (typed, share) => {
    expect(sent('share', typed)).toBe(share);
  });

  it('sends everything else as it was typed', () => {
    expect(sent('number', ' 1,5 ')).toBe('1,5');
    expect(sent('rows', '1,2;3')).toBe('1,2;3');
  });

  it('knows the way that is meant by what stands in the address', () => {
    expect(waysIn(sowing.alternatives, {})).toEqual([0]);
    expect(waysIn(sowing.alternatives, { germinated: '41' })).toEqual([1]);
    expect(waysIn(sowing.alternatives, { rate: '82', germinated: '' })).toEqual([0]);
    expect(waysIn(sowing.alternatives, { rate: '82', sown: '50' }), 'both is neither').toEqual([0]);
  });

  it('asks for what belongs to the way taken, and needs it', () => {
    const needed = (ways: number[]) => inputsTaken(sowing, ways).map(({ key, needed }) => [key, needed]);
    expect(needed([0])).toEqual([
      ['plants', true],
      ['rate', true],
      ['confidence', false],
    ]);
    expect(needed([1])).toEqual([
      ['plants', true],
      ['germinated', true],
      ['sown', true],
      ['confidence', false],
    ]);
  });

  it('sends what counts and has something in it; what belongs to the other way stays unsent', () => {
    const typed = { plants: '24', rate: '82', germinated: '41', confidence: ' ' };
    expect(given(inputsTaken(sowing, [0]), typed)).toEqual({ plants: '24', rate: '0.82' });
  });
});

describe('a question is found by what one wants to know', () => {
  const question = (name: string, asks: string, also = '') =>
    ({ ...sowing, name, question: asks, also }) as Reckoning;
  const all = [
    sowing,
    question('drying.curve', 'When will it be dry?', 'weigh rack'),
    question('air.opening', 'May I open a cold jar?', 'dew fridge'),
  ];
  const found = (typed: string) => byLikeness(all, typed).map(({ name }) => name);

  it.each([
    ['how many seeds to sow for 24 plants', ['sowing.seeds']],
    ['jars', ['air.opening']],
    ['drying', ['drying.curve']],
    ['the fridge', ['air.opening']],
    ['cucumber', []],
  ])('%j', (typed, names) => {
    expect(found(typed)).toEqual(names);
  });

  it('goes by empty words when there are no others', () => {
    expect(found('how many')).toContain('sowing.seeds');
  });
});
