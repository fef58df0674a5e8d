<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Closure;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;

/**
 * Which figure of a line is which field: first those with their own word beside them, then those whose unit tells, and where
 * it is said what was done, a number alone is what must be told.
 */
final class Figures
{
    /** @var array<string, string|list<string>> by field, as they would be typed */
    public array $payload = [];

    /** Those that were told with their own word or unit. */
    public int $told = 0;

    /**
     * @param  list<Field>  $fields
     * @param  bool  $named  whether it is said what was done
     */
    private function __construct(private readonly Line $line, private readonly array $fields, private readonly bool $named) {}

    /**
     * @param  list<Field>  $fields  of which nothing is told yet
     * @param  bool  $named  whether it is said what was done
     */
    public static function in(Line $line, array $fields, bool $named): self
    {
        $in = new self($line, $fields, $named);
        $in->partOfWhole();
        $in->told += $in->bind(fn (Field $field, int $i): ?array => $in->byWord($field, $i, -1));
        $in->told += $in->bind($in->byWordBehind(...));
        $in->told += $in->bind($in->byUnit(...));
        $in->bind($in->alone(...));

        return $in;
    }

    /** "3 of 40": of what was looked at first, so many. */
    private function partOfWhole(): void
    {
        $counts = array_values(array_filter($this->fields, static fn (Field $field): bool => $field->type === FieldType::Integer && $field->each === null && $field->required && ! $field->hidden));
        if (count($counts) < 2 || ! $this->named) {
            return;
        }
        foreach ($this->line->tokens as $i => $token) {
            $next = $this->line->tokens[$i + 1] ?? null;
            $whole = $this->line->tokens[$i + 2] ?? null;
            if ($token->figure() !== null && $next?->is('of', '/') === true && $whole?->figure() !== null && $this->line->isFree($i) && $this->line->isFree($i + 2)) {
                $this->payload[$counts[0]->key] = $whole->figure();
                $this->payload[$counts[1]->key] = $token->figure();
                $this->told += 2;
                $this->line->use([$i, $i + 1, $i + 2]);

                return;
            }
        }
    }

    /**
     * @param  Closure(Field, int): ?list<int>  $isOf  what belongs to the figure at a place besides, where it is that field's
     * @return int how many were bound
     */
    private function bind(Closure $isOf): int
    {
        $bound = 0;
        foreach ($this->fields as $field) {
            if ($field->hidden || ! $field->type->isNumeric() || isset($this->payload[$field->key])) {
                continue;
            }
            foreach ($this->line->tokens as $i => $token) {
                $at = $token->figure() !== null && $this->line->isFree($i) ? $isOf($field, $i) : null;
                if ($at !== null) {
                    $this->payload[$field->key] = $this->taken($field, $i, $at);
                    $bound++;
                    break;
                }
            }
        }

        return $bound;
    }

    /**
     * @param  list<int>  $at  what belongs to the figure at a place besides
     * @return string|list<string>
     */
    private function taken(Field $field, int $i, array $at): string|array
    {
        $unit = $this->line->unitAfter($field, $i);
        $figure = $this->line->figure($field, $i);
        $this->line->use([$i, ...$unit, ...$at]);
        if ($field->each === null) {
            return $figure;
        }
        $list = [$figure];
        for ($next = max([$i, ...$unit]) + 1; isset($this->line->tokens[$next]); $next++) {
            if ($this->line->tokens[$next]->is(',', '+', 'and')) {
                continue;
            }
            if ($this->line->tokens[$next]->figure() === null || ! $this->line->isFree($next)) {
                break;
            }
            $more = $this->line->unitAfter($field, $next);
            $list[] = $this->line->figure($field, $next);
            $this->line->use([$next, ...$more]);
            $next = max([$next, ...$more]);
        }

        return $list;
    }

    /** @return ?list<int> its own word, where that stands on that side of it */
    private function byWord(Field $field, int $i, int $side): ?array
    {
        $unit = $this->line->unitAfter($field, $i);
        if ($unit === [] && $this->line->hasUnit($i)) {
            return null;
        }
        $words = [...$field->spoken, ...array_slice(Phrase::words($field->label), 0, 1), ...$field->nouns(), ...($field->unit === '°C' ? ['temp', 'temperature'] : [])];
        foreach ([true, false] as $pastName) {
            $beside = $this->line->beside($side < 0 ? $i : max([$i, ...$unit]), $side, $pastName);
            if ($beside !== null && ($this->line->isFree($beside) || isset($this->line->name[$beside])) && $this->line->tokens[$beside]->isWord() && array_any($words, fn (string $word): bool => Likeness::are($this->line->tokens[$beside]->plain, $word))) {
                return [$beside];
            }
        }

        return null;
    }

    /** @return ?list<int> as above, behind it; of "20 seeds" the unit is the word */
    private function byWordBehind(Field $field, int $i): ?array
    {
        $unit = $this->line->unitAfter($field, $i);

        return $this->byWord($field, $i, 1) ?? ($unit !== [] && array_any($field->nouns(), fn (string $noun): bool => Likeness::are($this->line->tokens[$unit[0]]->plain, $noun)) ? [] : null);
    }

    /** @return ?list<int> */
    private function byUnit(Field $field, int $i): ?array
    {
        // Of several figures one may be of another thing: a list is told by its word, or by what was done.
        return $this->line->unitAfter($field, $i) === [] || ($field->each !== null && ! $this->named) || $this->isOneOfTwo($field, $i) ? null : [];
    }

    /** Two figures of one unit, and two fields of it: where it is not even said what was done, nobody knows which is which. */
    private function isOneOfTwo(Field $field, int $i): bool
    {
        $others = array_filter(array_keys($this->line->tokens), fn (int $n): bool => $n !== $i && $this->line->tokens[$n]->figure() !== null && $this->line->isFree($n) && $this->line->unitAfter($field, $n) !== []);

        return ! $this->named && $others !== [] && array_any($this->fields, static fn (Field $one): bool => $one->key !== $field->key && ! $one->hidden && $one->type === $field->type && $one->unit === $field->unit);
    }

    /** @return ?list<int> */
    private function alone(Field $field, int $i): ?array
    {
        // "Seven Sisters" is a name, and where there are digits a word is no figure.
        $isDoubtful = ! $this->line->tokens[$i]->isNumber() && ($this->line->hasDigits() || ($i > 0 && preg_match('/^\p{Lu}/u', $this->line->tokens[$i]->text) === 1));

        return $this->named && ($field->required || $this->isAllThatIsAsked($field) || ($this->isTheCount($field) && ! $this->line->isOfAnother($i))) && ! $isDoubtful && ! $this->line->hasUnit($i) && $this->line->unitAfter($field, $i) === [] ? [] : null;
    }

    /** Where one figure is asked and no other, a bare one is that; a mass may be in any unit. */
    private function isAllThatIsAsked(Field $field): bool
    {
        $figures = array_filter($this->fields, static fn (Field $one): bool => ! $one->hidden && $one->type->isNumeric());

        return array_values($figures) === [$field] && $field->unit === '°C';
    }

    /** Where no figure must be told, a bare one is the count: "took 20". */
    private function isTheCount(Field $field): bool
    {
        $figures = array_filter($this->fields, static fn (Field $one): bool => ! $one->hidden && $one->type->isNumeric());
        $counts = array_filter($figures, static fn (Field $one): bool => $one->type === FieldType::Integer && $one->nouns() !== [] && $one->each === null);

        return array_values($counts) === [$field] && array_all($figures, static fn (Field $one): bool => ! $one->required);
    }
}
