<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

/** A line taken apart. What is in quotes is one, whatever stands in it; a quote within is written twice. */
final class Tokens
{
    private const PATTERN = '/"(?<quoted>(?:[^"]|"")*)"|“(?<curled>[^”]*)”'
        // A code is a letter and a number; between them there may be a space where the letter stands alone and is large.
        .'|(?<![\p{L}\d])(?<code>[lpLP]\d{1,6}|[LP] \d{1,6})(?![\p{L}\d.,]\d|[\p{L}])'
        .'|(?<number>[-\x{2212}]?(?:\d+(?:[.,]\d+)*|[.,]\d+)|[½¼¾⅓⅔⅛⅜⅝⅞])'
        .'|(?<word>[\p{L}µ][\p{L}\p{M}\d’\'\-]*)'
        .'|(?<sign>[^\s\p{L}\d])/u';

    /** @return list<Token> */
    public static function of(string $line): array
    {
        $tokens = [];
        preg_match_all(self::PATTERN, $line, $all, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($all as $found) {
            [$whole, $at] = $found[0];
            [$sort, $text] = match (true) {
                ($found['quoted'][0] ?? null) !== null => [TokenSort::Quoted, str_replace('""', '"', $found['quoted'][0])],
                ($found['curled'][0] ?? null) !== null => [TokenSort::Quoted, $found['curled'][0]],
                ($found['code'][0] ?? null) !== null => [TokenSort::Code, mb_strtoupper(str_replace(' ', '', $found['code'][0]))],
                ($found['number'][0] ?? null) !== null => [TokenSort::Number, $found['number'][0]],
                ($found['word'][0] ?? null) !== null => [TokenSort::Word, $found['word'][0]],
                default => [TokenSort::Sign, (string) $whole],
            };
            $tokens[] = new Token($sort, (int) $at, strlen((string) $whole), $text, mb_strtolower($text));
        }

        return $tokens;
    }

    /**
     * A line may hold several records, with semicolons between them.
     *
     * @return list<string>
     */
    public static function clauses(string $line): array
    {
        $clauses = [];
        $from = 0;
        foreach (self::of($line) as $token) {
            if ($token->sort === TokenSort::Sign && $token->text === ';') {
                $clauses[] = trim(substr($line, $from, $token->at - $from));
                $from = $token->end();
            }
        }
        $clauses[] = trim(substr($line, $from));

        return array_values(array_filter($clauses, static fn (string $clause): bool => $clause !== ''));
    }

    /** As what would be read as one token: in quotes. */
    public static function quoted(string $text): string
    {
        return '"'.str_replace('"', '""', $text).'"';
    }
}
