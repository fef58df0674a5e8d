import type { Offer } from '../api/client';

type Shown = Pick<Offer, 'act' | 'title' | 'step' | 'kind'>;

const plain = (text: string) => text.toLowerCase();

/** How near an act comes to what was typed: called so, begun so, or only with the words in it. */
function nearness(act: string, typed: string) {
  if (typed === '') return 0;
  return act === typed ? 0 : act.startsWith(typed) ? 1 : 2;
}

/**
 * What can be recorded, by step: the step of the likeliest stands first, and in it the likeliest; what is called as what was
 * typed stands before it. Of what was typed every word must stand somewhere in an act, its title or its step.
 */
export function among<T extends Shown>(offers: T[], text: string): { step: string; offers: T[] }[] {
  const typed = plain(text.trim());
  const words = typed.split(/\s+/).filter(Boolean);
  const fitting = offers.filter((offer) => {
    const said = plain(`${offer.act} ${offer.title} ${offer.step} ${offer.kind.replaceAll('_', ' ')}`);
    return words.every((word) => said.includes(word));
  });
  const groups = new Map<string, T[]>();
  for (const offer of fitting.toSorted(
    (a, b) => nearness(plain(a.act), typed) - nearness(plain(b.act), typed),
  ))
    groups.set(offer.step, [...(groups.get(offer.step) ?? []), offer]);
  return [...groups].map(([step, of]) => ({ step, offers: of }));
}
