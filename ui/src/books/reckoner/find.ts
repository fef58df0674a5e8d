import type { Reckoning } from '../../api/client';

/** Words that stand in every question and so tell none apart. */
const EMPTY = new Set(
  'a an and are at by can do does for from has have how i if in is it its many me much my of on or so that the them this to was what when which will with'.split(
    ' ',
  ),
);

/** The questions most like what was typed: those with all of its telling words, else those with most of them. */
export function byLikeness(questions: Reckoning[], typed: string): Reckoning[] {
  const words = typed
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);
  const telling = words.filter((word) => !EMPTY.has(word));
  const asked = (telling.length > 0 ? telling : words).map(stem);
  const scored = questions
    .map((question) => {
      const ours = `${question.question} ${question.also}`.toLowerCase();
      const others = [
        question.name,
        question.family,
        question.source,
        ...question.inputs.map(({ label }) => label),
      ]
        .join(' ')
        .toLowerCase();
      const score = asked.reduce(
        (sum, word) => sum + (ours.includes(word) ? 1 : others.includes(word) ? 0.6 : 0),
        0,
      );
      return { question, score };
    })
    .filter(({ score }) => score > 0);
  const best = Math.max(0, ...scored.map(({ score }) => score));
  return scored
    .filter(({ score }) => score >= best / 2)
    .sort((a, b) => b.score - a.score)
    .map(({ question }) => question);
}

/** Plurals and other endings go, so that "jars" finds the jar and "drying" what is dry. */
function stem(word: string): string {
  // Of a short word little else would be left.
  return word.replace(word.length > 4 ? /(ing|ies|es|ed|s|y)$/ : /(?<=^\w{3})s$/, '');
}
