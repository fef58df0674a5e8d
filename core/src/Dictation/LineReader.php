<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Kinds;

/**
 * What a line says was done with a thing. It is read as each kind in turn that fitted the thing then, and of those that it
 * says anything of, the one is meant that explains most of it; of several, the likeliest to be done.
 */
final readonly class LineReader
{
    /** What is said of other entries, or of what is due, is said where those stand. */
    public const NO_LINES = ['struck', 'put_off', 'called_back', 'cut_to_ripen'];

    /** By so much what did not fit the thing then must explain more. */
    private const UNFIT = 20;

    public function __construct(private Kinds $kinds) {}

    /** @return ?Filling null where nothing says what was done */
    public function read(Clause $clause, Thing $thing, Named $names): ?Filling
    {
        // What has no code goes by its name.
        $taken = [...$clause->taken, ...Phrase::exactly($clause->tokens, [], $thing->code)];
        $best = null;
        $most = PHP_INT_MIN;
        $seen = [];
        foreach ($thing->offers as $offer) {
            if (isset($seen[$offer->kind->name]) || ! $this->isOf($offer->kind, $thing)) {
                continue;
            }
            $seen[$offer->kind->name] = true;
            $filling = Filling::of($offer->kind, $offer->fields, $offer->act ?? $offer->kind->act, $clause->text, $clause->tokens, $taken, $names);
            if ($filling->isMeant() && $filling->score() > $most) {
                [$best, $most] = [$filling, $filling->score()];
            }
        }
        foreach ($this->kinds->all() as $kind) {
            if (isset($seen[$kind->name]) || ! $this->isOf($kind, $thing)) {
                continue;
            }
            $filling = Filling::of($kind, array_values($kind->fields->fields), $kind->act, $clause->text, $clause->tokens, $taken, $names);
            if ($filling->named && $filling->score() - self::UNFIT > $most) {
                [$best, $most] = [$filling, $filling->score() - self::UNFIT];
            }
        }

        return $best;
    }

    /** @return ?Filling the whole of it as a note, for who wants no more; null where none can be made of that thing */
    public function note(Clause $clause, Thing $thing): ?Filling
    {
        $taken = [...$clause->taken, ...Phrase::exactly($clause->tokens, [], $thing->code)];
        foreach ($thing->offers as $offer) {
            if ($offer->kind->isWords && $this->isOf($offer->kind, $thing)) {
                $filling = Filling::ofWords($offer->kind, $offer->fields, $clause->text, $clause->tokens, $taken);

                return $filling->isWhole() ? $filling : null;
            }
        }

        return null;
    }

    private function isOf(Kind $kind, Thing $thing): bool
    {
        // Seed is picked from a planting, with which a lot begins.
        return (in_array($thing->subject, $kind->of, true) || $kind->from === $thing->subject) && ! in_array($kind->name, self::NO_LINES, true);
    }
}
