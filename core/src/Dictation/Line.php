<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Unit;

/** A line while it is read as one kind: its words, and which of them say something already. */
final class Line
{
    /** @var array<int, true> tokens that say something */
    public array $used;

    /** @var array<int, true> tokens that name what was done, which may say more besides: "netted" */
    public array $name = [];

    /**
     * @param  list<Token>  $tokens
     * @param  list<int>  $taken  that say of what, and when
     */
    public function __construct(public readonly string $text, public readonly array $tokens, array $taken)
    {
        $this->used = array_fill_keys($taken, true);
    }

    /** @param  list<int>  $at */
    public function use(array $at): void
    {
        $this->used += array_fill_keys($at, true);
    }

    public function isFree(int $i): bool
    {
        return isset($this->tokens[$i]) && ! isset($this->used[$i]);
    }

    /** Whether a word stands before it that nothing took: "bag 1". */
    public function isOfAnother(int $i): bool
    {
        return $this->isFree($i - 1) && $this->tokens[$i - 1]->isWord() && $this->isLoud($i - 1);
    }

    /** Whether a figure stands in it in digits, that says nothing yet. */
    public function hasDigits(): bool
    {
        return array_any($this->tokens, fn (Token $token, int $i): bool => $token->isNumber() && $this->isFree($i));
    }

    /** Whether a token is a word that says something by itself; "plant A" is no article, and "off 5 plants" says whose. */
    public function isLoud(int $i): bool
    {
        if ($this->tokens[$i]->is('off') && ($this->tokens[$i + 1] ?? null)?->figure() !== null) {
            return false;
        }

        return ($i > 0 && $this->tokens[$i]->text === 'A') || ! ($this->tokens[$i]->isWord() && Likeness::isQuiet($this->tokens[$i]->plain));
    }

    /** @return list<string> words that nothing took */
    public function leftOver(): array
    {
        $left = [];
        foreach ($this->tokens as $i => $token) {
            if ($this->isFree($i) && $token->sort !== TokenSort::Sign && $this->isLoud($i)) {
                $left[] = $token->text;
            }
        }

        return $left;
    }

    /** @param  non-empty-list<int>  $at  what was written there, as it was written, without what says something else */
    public function written(array $at): string
    {
        $first = $at[0];
        $last = $at[count($at) - 1];
        if ($first === $last) {
            return $this->tokens[$first]->text;
        }
        $text = '';
        $from = $this->tokens[$first]->at;
        for ($i = $first; $i <= $last; $i++) {
            if (isset($this->used[$i])) {
                $text .= substr($this->text, $from, $this->tokens[$i]->at - $from);
                $from = $this->tokens[$i]->end();
            }
        }
        $text .= substr($this->text, $from, $this->tokens[$last]->end() - $from);

        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }

    /** A number with its unit, as it would be typed. */
    public function figure(Field $field, int $i): string
    {
        $at = $this->unitAfter($field, $i);
        $unit = implode(' ', array_map(fn (int $one): string => $this->tokens[$one]->text, $at));
        // As it would be typed without the slip.
        $isUnit = Unit::into($field, 1.0, mb_strtolower($unit)) !== null || Unit::into($field, 1.0, mb_strtolower(str_replace(' ', '', $unit))) !== null;

        return trim(($this->tokens[$i]->figure() ?? $this->tokens[$i]->text).' '.($isUnit ? $unit : Unit::meantBy($field, mb_strtolower($unit), Likeness::areSlips(...)) ?? $unit));
    }

    /** @return list<int> the tokens after a number that are its unit, as far as it is one of the field */
    public function unitAfter(Field $field, int $i): array
    {
        foreach ([2, 1] as $many) {
            $at = range($i + 1, $i + $many);
            if (! array_all($at, fn (int $one): bool => $this->isFree($one) && ! $this->tokens[$one]->isNumber())) {
                continue;
            }
            $words = array_map(fn (int $one): string => $this->tokens[$one]->plain, $at);
            foreach ([implode(' ', $words), implode('', $words)] as $unit) {
                if (Unit::into($field, 1.0, $unit) !== null && $unit !== '°') {
                    return $at;
                }
            }
        }
        $next = $this->tokens[$i + 1] ?? null;

        return $next?->isWord() === true && $this->isFree($i + 1) && Unit::meantBy($field, $next->plain, Likeness::areSlips(...)) !== null ? [$i + 1] : [];
    }

    /** Whether what stands after a number is a unit, of whatever. */
    public function hasUnit(int $i): bool
    {
        $next = $this->tokens[$i + 1] ?? null;

        return $next !== null && ($next->is('%', '°') || ($next->isWord() && $this->isLoud($i + 1) && Unit::isKnown($next->plain)));
    }

    /**
     * The next token on one side that says something.
     *
     * @param  bool  $pastName  whether what names the deed may stand between
     */
    public function beside(int $from, int $step, bool $pastName): ?int
    {
        for ($i = $from + $step; isset($this->tokens[$i]); $i += $step) {
            // "12 fruits of 5 plants": the word before belongs to the figure before.
            if ($step < 0 && $this->tokens[$i]->is('of', 'off', 'from')) {
                return null;
            }
            // "2 sick plants": what names the deed stands between.
            if (! $this->tokens[$i]->is(':', '=') && ! ($pastName && isset($this->used[$i]) && $step > 0) && $this->isLoud($i)) {
                return $i;
            }
        }

        return null;
    }
}
