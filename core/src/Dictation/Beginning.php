<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Kinds;
use Marrow\Core\Journal\Subject;

/** A line with which something begins out of nothing: "sown 12 Bell Buoy in the long bed". */
final readonly class Beginning
{
    /** Before these stands where it is. */
    private const AT = ['in', 'into', 'at', 'on', 'under'];

    /** With these something else is said. */
    private const ENDS = ['from', 'with', 'and', 'of', ',', '.', ':', '='];

    /** @param  string  $spot  where it stands, as it was written; empty where that is not said */
    private function __construct(public Filling $filling, public string $spot) {}

    /** @return ?self null where nothing says that something begins */
    public static function in(Clause $clause, Kinds $kinds, Named $names): ?self
    {
        $best = null;
        foreach ($kinds->all() as $kind) {
            if (! $kind->starts || $kind->from !== null) {
                continue;
            }
            $spot = $kind->of[0] === Subject::Planting ? self::spot($clause) : [];
            $filling = Filling::of($kind, array_values($kind->fields->fields), $kind->act, $clause->text, $clause->tokens, [...$clause->taken, ...$spot], $names);
            if ($filling->named && ($best === null || $filling->score() > $best->filling->score())) {
                $best = new self($filling, self::written($clause, $spot));
            }
        }

        return $best;
    }

    /** Whether what is spoken of by its code is that from which it begins: "sown 12 of L2". */
    public static function isFrom(Kind $kind, Subject $subject): bool
    {
        return count(array_filter($kind->fields->fields, static fn (Field $field): bool => $field->type === FieldType::Reference && ! $field->hidden && $field->of === $subject->value)) === 1;
    }

    /** @return list<int> the tokens that say where: the first "in" with what is no figure behind it */
    private static function spot(Clause $clause): array
    {
        foreach ($clause->tokens as $i => $token) {
            if (! $token->is(...self::AT) || in_array($i, $clause->taken, true)) {
                continue;
            }
            $at = [];
            for ($n = $i + 1; self::goesOn($clause, $n); $n++) {
                $at[] = $n;
            }
            if (array_any($at, static fn (int $n): bool => ! $clause->tokens[$n]->isNumber() && ! Likeness::isQuiet($clause->tokens[$n]->plain)) && ! $clause->tokens[$at[0]]->isNumber()) {
                return [$i, ...$at];
            }
        }

        return [];
    }

    private static function goesOn(Clause $clause, int $i): bool
    {
        $token = $clause->tokens[$i] ?? null;
        // "bed 3, row 2"
        $isRow = $token?->is(',') === true && ($clause->tokens[$i + 1] ?? null)?->isWord() === true && ($clause->tokens[$i + 2] ?? null)?->isNumber() === true;

        return $token !== null && ! in_array($i, $clause->taken, true) && $token->sort !== TokenSort::Code && ($isRow || ! $token->is(...self::ENDS));
    }

    /** @param  list<int>  $spot */
    private static function written(Clause $clause, array $spot): string
    {
        $at = array_slice($spot, 1);

        return $at === [] ? '' : (string) preg_replace('/^(?:the|my|our) /i', '', (new Line($clause->text, $clause->tokens, []))->written($at));
    }
}
