<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

/** Words compared as hands write them: a slip of one letter is forgiven where a word is long enough, an ending anywhere. */
final class Likeness
{
    /** Letters; in a shorter word one letter makes another word. */
    private const LONG = 5;

    /** Words; those of all kinds and fields, and of some lines. */
    private const REMEMBERED = 5_000;

    /** What says nothing by itself. */
    private const QUIET = ['a', 'an', 'the', 'it', 'its', 'of', 'at', 'in', 'into', 'on', 'to', 'and', 'with', 'for', 'from', 'is', 'was', 'were', 'has', 'have', 'as', 'by', 'that', 'them', 'they', 'some', 'all', 'out', 'now', 'more', 'x', 'my', 'our', 'down', 'since', 'just', 'already', 'only', 'there', 'are', 'i', 'we'];

    /** Deeds that change more than their ending. */
    private const STRONG = ['threw' => 'throw', 'thrown' => 'throw', 'ate' => 'eat', 'eaten' => 'eat', 'gave' => 'give', 'given' => 'give', 'took' => 'take', 'taken' => 'take', 'shook' => 'shake', 'shaken' => 'shake', 'dug' => 'dig', 'sown' => 'sow', 'hung' => 'hang', 'sent' => 'send', 'lost' => 'lose', 'spilt' => 'spill', 'spoilt' => 'spoil', 'blown' => 'blow', 'laid' => 'lay',
        // What is dry need not have been dried just now.
        'dry' => 'dryness'];

    public static function isQuiet(string $word): bool
    {
        return in_array($word, self::QUIET, true);
    }

    public static function are(string $one, string $other): bool
    {
        if ($one === $other) {
            return true;
        }
        [$a, $b] = [self::stem($one), self::stem($other)];
        if ($a === $b) {
            return true;
        }

        return self::areSlips($one, $other);
    }

    /** Whether the one is the other but for a letter too many, too few, another, or two that changed places; of long words alone. */
    public static function areSlips(string $one, string $other): bool
    {
        $least = min(mb_strlen($one), mb_strlen($other));

        return $least >= self::LONG && strlen($one) < 60 && strlen($other) < 60 && (levenshtein($one, $other) === 1 || self::isSwapped($one, $other));
    }

    /** Whether two letters that stand beside one another changed places. */
    private static function isSwapped(string $one, string $other): bool
    {
        if (strlen($one) !== strlen($other)) {
            return false;
        }
        $i = strspn($one ^ $other, "\0");

        return $i + 1 < strlen($one) && $one[$i] === $other[$i + 1] && $one[$i + 1] === $other[$i] && substr($one, $i + 2) === substr($other, $i + 2);
    }

    /** @var array<string, string> stems of the words that were compared: each stands against all that kinds and fields are called */
    private static array $stems = [];

    private static function stem(string $word): string
    {
        if (count(self::$stems) > self::REMEMBERED) {
            self::$stems = [];
        }

        return self::$stems[$word] ??= self::stemOf($word);
    }

    /** Without the ending that makes it a deed that was done, or several. */
    private static function stemOf(string $word): string
    {
        $word = self::STRONG[$word] ?? $word;
        $stem = (string) preg_replace('/(?:ing|ed|es|s|d)$/', '', $word);

        return strlen($stem) >= 3 ? (string) preg_replace('/([b-df-hj-np-tv-z])\1$/', '$1', rtrim($stem, 'e')) : $word;
    }
}
