<?php

declare(strict_types=1);

namespace App\Finding;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** What somebody typed to find something by: words, all of which must be met, in any order and case. */
final readonly class Sought
{
    private const MOST_WORDS = 8;

    /** @param  list<string>  $words */
    private function __construct(public string $text, public array $words) {}

    public static function of(string $text): self
    {
        $words = preg_split('/\s+/', mb_strtolower(trim($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return new self(trim($text), array_slice($words, 0, self::MOST_WORDS));
    }

    public function isNothing(): bool
    {
        return $this->words === [];
    }

    /** Whether every word stands somewhere in these, be it as part of another. */
    public function isIn(string ...$texts): bool
    {
        $in = mb_strtolower(implode(' ', $texts));

        return array_all($this->words, static fn (string $word): bool => str_contains($in, $word));
    }

    /**
     * Narrows a query over standings to those that hold every word.
     *
     * @param  Builder<covariant Model>  $query
     */
    public function narrow(Builder $query): void
    {
        foreach ($this->words as $word) {
            $query->whereRaw("search LIKE ? ESCAPE '\\'", ['%'.addcslashes($word, '%_\\').'%']);
        }
    }
}
