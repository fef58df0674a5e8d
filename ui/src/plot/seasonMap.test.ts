import { expect, test } from 'vitest';
import { bloomingOn } from './seasonMap';

type Given = Parameters<typeof bloomingOn>[0];

const plan = {
  plantings: [
    { id: 'bell', variety: 'Bell Buoy', bloom_first: '2027-07-01', bloom_last: '2027-08-20' },
    { id: 'lead', variety: 'Sounding Lead', bloom_first: '2027-07-10', bloom_last: '2027-08-25' },
    { id: 'out', variety: 'Quayside', bloom_first: '2027-07-01', bloom_last: '2027-08-20' },
    { id: 'root', variety: 'Keel', bloom_first: null, bloom_last: null },
  ],
  risks: [
    {
      planting: 'bell',
      sources: [
        {
          id: 'lead',
          name: 'Sounding Lead',
          share: 0.5,
          verdict: 'act',
          from: '2027-07-10',
          to: '2027-08-20',
        },
        { id: 'far', name: 'Far off', share: 0.001, verdict: 'clear', from: null, to: null },
        { id: 'wild', name: 'Wild one', share: 0.02, verdict: 'watch', from: null, to: null },
      ],
    },
  ],
  content: { plantings: ['bell', 'lead', 'out', 'root'].map((id) => ({ id, out: id === 'out' })) },
} as unknown as Given;

const said = (day: string) => {
  const { blooming, crossing } = bloomingOn(plan, day);
  return [blooming.map(({ id }) => id), crossing.map(({ source }) => source)];
};

test.each([
  ['2027-06-30', [], []],
  ['2027-07-01', ['bell'], ['wild']],
  ['2027-07-10', ['bell', 'lead'], ['lead', 'wild']],
  ['2027-08-21', ['lead'], []],
])('on %s', (day, blooming, crossing) => {
  expect(said(day)).toEqual([blooming, crossing]);
});
