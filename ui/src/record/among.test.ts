import { describe, expect, it } from 'vitest';
import { among } from './among';

const offer = (act: string, step: string, kind = act) => ({ act, title: act, step, kind });
const all = [
  offer('Take seed out', 'How much there is', 'withdrawn'),
  offer('Start a test', 'Germination', 'test_started'),
  offer('Move it', 'Storing', 'stored'),
  offer('Count what is there', 'How much there is', 'counted'),
  offer('Note', 'Notes', 'noted'),
];

describe('what can be recorded', () => {
  it('stands by step, the step of the likeliest first', () => {
    expect(among(all, '').map(({ step, offers }) => [step, offers.map(({ act }) => act)])).toEqual([
      ['How much there is', ['Take seed out', 'Count what is there']],
      ['Germination', ['Start a test']],
      ['Storing', ['Move it']],
      ['Notes', ['Note']],
    ]);
  });

  it('stands first where it is called as what was typed', () => {
    const sick = [offer('Note sick plants', 'Looked after', 'sick_seen'), ...all];
    expect(among(sick, 'note').flatMap(({ offers }) => offers.map(({ act }) => act))).toEqual([
      'Note',
      'Note sick plants',
    ]);
    expect(among(sick, '')[0]?.step).toBe('Looked after');
  });

  it.each([
    ['test', ['Start a test']],
    ['MUCH count', ['Count what is there']],
    ['withdrawn', ['Take seed out']],
    ['no such thing', []],
  ])('is narrowed by %s', (text, acts) => {
    expect(among(all, text).flatMap(({ offers }) => offers.map(({ act }) => act))).toEqual(acts);
  });
});
