<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

/** Some words that belong together, sought in a line. */
final class Phrase
{
    /** Phrases; those of all kinds and fields. */
    private const REMEMBERED = 5_000;

    /** @var array<string, list<string>> */
    private static array $words = [];

    /** @var array<string, list<string>> the same of names, all their words */
    private static array $names = [];

    /** @return list<string> its words that say something; all of them where none does */
    public static function words(string $phrase): array
    {
        if (count(self::$words) > self::REMEMBERED) {
            self::$words = [];
        }

        return self::$words[$phrase] ??= self::wordsOf($phrase);
    }

    /** @return list<string> */
    private static function wordsOf(string $phrase): array
    {
        preg_match_all('/[\p{L}\d][\p{L}\p{M}\d’\'\-]*/u', mb_strtolower($phrase), $found);
        $loud = array_values(array_filter($found[0], static fn (string $word): bool => ! Likeness::isQuiet($word)));

        return $loud === [] ? $found[0] : $loud;
    }

    /**
     * Its words one after another, what says nothing between them left out.
     *
     * @param  list<Token>  $tokens
     * @param  array<int, true>  $used  that say something else already
     * @return list<int> where they stand; empty where they do not
     */
    public static function in(array $tokens, array $used, string $phrase): array
    {
        $words = self::words($phrase);
        if ($words === []) {
            return [];
        }
        foreach (array_keys($tokens) as $from) {
            $at = [];
            for ($i = $from, $n = 0; $n < count($words) && isset($tokens[$i]); $i++) {
                $token = $tokens[$i];
                if (! isset($used[$i]) && ($token->isWord() || $token->isNumber()) && Likeness::are($token->plain, $words[$n])) {
                    $at[] = $i;
                    $n++;
                } elseif ($at === [] || ! (isset($used[$i]) || $token->is(',') || ($token->isWord() && Likeness::isQuiet($token->plain)))) {
                    break;
                }
            }
            if (count($at) === count($words)) {
                return $at;
            }
        }

        return [];
    }

    /**
     * A name, letter by letter but for large and small.
     *
     * @param  list<Token>  $tokens
     * @param  array<int, true>  $used
     * @return list<int>
     */
    public static function exactly(array $tokens, array $used, string $name): array
    {
        if (count(self::$names) > self::REMEMBERED) {
            self::$names = [];
        }
        $words = self::$names[$name] ??= array_map(static fn (Token $token): string => $token->plain, Tokens::of($name));
        foreach ($words === [] ? [] : array_keys($tokens) as $from) {
            $at = range($from, $from + count($words) - 1);
            if (array_all($at, static fn (int $i): bool => isset($tokens[$i]) && ! isset($used[$i]) && $tokens[$i]->plain === $words[$i - $from])) {
                return $at;
            }
            if (isset($tokens[$from]) && ! isset($used[$from]) && $tokens[$from]->sort === TokenSort::Quoted && $tokens[$from]->plain === mb_strtolower($name)) {
                return [$from];
            }
        }

        return [];
    }
}
