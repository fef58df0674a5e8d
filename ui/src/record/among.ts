import type { Offer } from '../api/client';

type Shown = Pick<Offer, 'act' | 'title' | 'step' | 'kind'>;

const plain = (text: string) => text.toLowerCase();

/**
 * What can be recorded, by step: the step of the likeliest stands first, and in it the likeliest. Of what was typed every word
 * must stand somewhere in an act, its title or its step.
 */
export function among<T extends Shown>(offers: T[], text: string): { step: string; offers: T[] }[] {
  const words = plain(text).split(/\s+/).filter(Boolean);
  const groups = new Map<string, T[]>();
  for (const offer of offers) {
    const said = plain(`${offer.act} ${offer.title} ${offer.step} ${offer.kind.replaceAll('_', ' ')}`);
    if (!words.every((word) => said.includes(word))) continue;
    groups.set(offer.step, [...(groups.get(offer.step) ?? []), offer]);
  }
  return [...groups].map(([step, of]) => ({ step, offers: of }));
}
