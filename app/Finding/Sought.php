<?php

declare(strict_types=1);

namespace App\Finding;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Marrow\Core\Fields\PlainText;

/** What somebody typed to find something by: words, all of which must be met, in any order and case. */
final readonly class Sought
{
    private const MOST_WORDS = 8;

    /** Letters; a shorter word is looked for by reading. */
    private const INDEXED = 3;

    /** @param  list<string>  $words */
    private function __construct(public string $text, public array $words) {}

    public static function of(string $text): self
    {
        $words = preg_split('/\s+/', PlainText::of(trim($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return new self(trim($text), array_map(self::stem(...), array_slice($words, 0, self::MOST_WORDS)));
    }

    /** A word as it stands in a name of one, and in one of many: "tomatoes" is looked for as "tomato", "berries" as "berr". */
    private static function stem(string $word): string
    {
        return mb_strlen($word) < 4 ? $word : (string) preg_replace('/(?<=[a-z]{2})(?:ies|(?<=o|sh|ch|ss|.x)es|(?<![su])s)$/', '', $word);
    }

    /** Whether what was typed is that name, of one or of many. */
    public function isName(string $name): bool
    {
        return implode(' ', $this->words) === implode(' ', self::of($name)->words);
    }

    public function isNothing(): bool
    {
        return $this->words === [];
    }

    /** Whether every word stands somewhere in these, be it as part of another. */
    public function isIn(string ...$texts): bool
    {
        return $this->isWithin(PlainText::of(implode(' ', $texts)));
    }

    /** @param  string  $plain  as texts are compared (PlainText) */
    public function isWithin(string $plain): bool
    {
        return array_all($this->words, static fn (string $word): bool => str_contains($plain, $word));
    }

    /** Whether the index of parts of words is of use. */
    public function isIndexed(): bool
    {
        return $this->indexed() !== [];
    }

    /** @return array<int, string> words that are long enough for it */
    private function indexed(): array
    {
        return array_filter($this->words, static fn (string $word): bool => mb_strlen($word) >= self::INDEXED);
    }

    /**
     * Narrows a query over standings to those that hold every word.
     *
     * @param  Builder<covariant Model>  $query
     * @param  literal-string  $indexed  which of them an index of words finds, as LotStanding::WORDS
     */
    public function narrow(Builder $query, string $indexed): void
    {
        // The index knows words by each three letters that follow one another.
        $long = $this->indexed();
        if ($long !== []) {
            $all = implode(' ', array_map(static fn (string $word): string => '"'.str_replace('"', '""', $word).'"', $long));
            $query->whereRaw($indexed, [$all]);
        }
        foreach (array_diff($this->words, $long) as $word) {
            $query->whereRaw("search LIKE ? ESCAPE '\\'", ['%'.addcslashes($word, '%_\\').'%']);
        }
    }
}
