<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Fields\DayText;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\NumberText;
use Marrow\Core\Fields\Refused;

/** Figures as people write them on packets and in lists. What cannot be read is null, never a guess. */
final class Written
{
    private const NOT_KNOWN = ['', '?', '??', '-', '–', '—', 'unknown', 'not known', 'n/a', 'na', 'none', 'nil', 'no idea', 'unbekannt', 'inconnu', 'inconnue', 'desconocido', 'desconocida', 'sconosciuto', 'sconosciuta', 'onbekend', 'k.a.', 'keine angabe'];

    /** Of a germination: nobody has looked. */
    private const UNTESTED = ['not tested', 'untested', 'never tested', 'not yet', 'not yet tested', 'no test', 'no', 'nicht getestet', 'ungetestet', 'keine', 'non testé', 'non teste', 'pas testé', 'no probado', 'sin probar', 'non testato', 'niet getest', 'geen'];

    /** What says that a figure is not exact, before or behind it. */
    private const ABOUT = '/^(?:about|approx\.?|approximately|around|roughly|circa|ca?\.?|~|≈|±|\+\/-|>|≥|<|≤|over|under|fewer than|less than|more than|at least|up to|etwa|ungefähr|ungef\.|rund|ca|zirka|mind\.|mindestens|environ|env\.|à peu près|aproximadamente|aprox\.?|unos|unas|circa|all\'incirca|ongeveer|plm\.?|±)\s*|\s*(?:or so|or more|or less|ish|\+|plus|approx\.?|ca\.?|\?)$/iu';

    private const SEEDS = 'seeds?|s|sds|pcs|pieces|cloves|tubers|bulbs|beans|peas|grains?|korn|körner|samen|stück|stk\.?|st\.?|graines?|semillas?|granos?|semi|seme|zaden|zaadjes|zaad|stuks';

    private const SOME = ['some', 'a few', 'few', 'plenty', 'lots', 'many', 'a lot', 'enough', 'yes', 'y', 'x', 'ok', 'full', 'loads', 'handful', 'a handful', 'etwas', 'einige', 'viele', 'ein paar', 'genug', 'ja', 'quelques', 'beaucoup', 'oui', 'algunos', 'algunas', 'muchos', 'muchas', 'sí', 'alcuni', 'molti', 'sì', 'enkele', 'veel', 'genoeg'];

    /** Of these nothing is lost by saying “some”. */
    private const NO_MORE_THAN_SOME = ['some', 'yes', 'y', 'x', 'ok', 'ja', 'oui', 'sí', 'sì'];

    public static function isNotKnown(string $text): bool
    {
        return in_array(mb_strtolower(trim($text)), self::NOT_KNOWN, true);
    }

    /** Whether it says that there is some, and no more. */
    public static function isSome(string $text): bool
    {
        return self::isNotKnown($text) || in_array(mb_strtolower(rtrim(trim($text), '.!')), self::SOME, true);
    }

    /** Whether it says a little more than that there is some: "a handful", "plenty". */
    public static function saysMore(string $text): bool
    {
        return self::isSome($text) && ! self::isNotKnown($text) && ! in_array(mb_strtolower(rtrim(trim($text), '.!')), self::NO_MORE_THAN_SOME, true);
    }

    public static function isUntested(string $text): bool
    {
        return self::isNotKnown($text) || in_array(mb_strtolower(rtrim(trim($text), '.!')), self::UNTESTED, true);
    }

    /** Whether a figure is said to be only about right: about 50, ~50, 50 or so, 200+, <20. */
    public static function isAbout(string $text): bool
    {
        return preg_match(self::ABOUT, trim($text)) === 1 && preg_match('/\d/', $text) === 1;
    }

    /**
     * A year: 2023, 23, '23, Oct 2023, 14.9.2023; of two (2022/23) the first.
     *
     * @param  int  $now  the year it is
     */
    public static function year(string $text, int $now): ?int
    {
        $text = trim($text);
        if (preg_match('/(?<!\d)((?:19|20|21)\d{2})(?!\d)/', $text, $part) === 1) {
            return (int) $part[1];
        }
        // Of a season over the turn of the year the first: 22-23, 22/23.
        if (preg_match('~^[’\']?(\d{2})\s*[-–/]\s*[’\']?(\d{2})$~u', $text, $part) === 1 && (int) $part[2] === ((int) $part[1] + 1) % 100) {
            $text = $part[1];
        }
        if (preg_match("/^(?:[a-z ]+ )?[’']?(\\d{2})$/iu", $text, $part) === 1) {
            return (int) $part[1] > $now % 100 + 1 ? 1900 + (int) $part[1] : 2000 + (int) $part[1];
        }

        return null;
    }

    /** Whether a year is spoken of as that for which it was packed. */
    public static function isPackedFor(string $text): bool
    {
        return preg_match('/^(?:packed|packeted|pkd?|pf|pack)\b|\bfor (?:season |year )?[’\']?\d{2}/iu', trim($text)) === 1;
    }

    /** A share of 0 to 1: 85 %, 85, 0.85 where that is no per cent, 17 of 20, 17/20. */
    public static function share(string $text): ?float
    {
        $text = str_replace(',', '.', trim($text));
        $counted = self::counted($text);
        if ($counted !== null) {
            return $counted[0] / $counted[1];
        }
        if (preg_match('/^(?:about|ca?\.?|~|>|≥)?\s*(\d+(?:\.\d+)?)\s*(%|per ?cent)?\.?$/iu', $text, $part) !== 1) {
            return null;
        }
        $number = (float) $part[1];
        $share = ! isset($part[2]) && $number <= 1.0 && str_contains($part[1], '.') ? $number : $number / 100.0;

        return $share <= 1.0 ? $share : null;
    }

    /** @return ?array{int, int} how many of how many came up: 17 of 20, 17/20, 17 von 20; null where it is not said so, or cannot be */
    public static function counted(string $text): ?array
    {
        return preg_match('~^(\d{1,5})\s*(?:/|of|out of|von|aus|sur|de|su|di|van|uit)\s*(\d{1,5})(?:\s*(?:'.self::SEEDS.'))?\.?$~iu', trim($text), $part) === 1 && (int) $part[2] > 0 && (int) $part[1] <= (int) $part[2]
            ? [(int) $part[1], (int) $part[2]] : null;
    }

    /** A number of seeds: 50, 50 seeds, about 50, 1,200. */
    public static function seeds(string $text): ?int
    {
        $bare = self::bare($text);
        if (preg_match('/^(\d{1,3}(?:[ ,.’\']\d{3})+|\d+)\s*(?:'.self::SEEDS.')?$/iu', $bare, $part) !== 1) {
            return null;
        }
        $seeds = (int) preg_replace('/\D/', '', $part[1]);

        return $seeds >= 1 && $seeds <= 100_000_000 ? $seeds : null;
    }

    /**
     * A mass, g: 12 g, ½ oz, 1 lb 4 oz.
     *
     * @param  string  $unit  of a bare number; empty where a bare number is no mass
     */
    public static function grams(string $text, string $unit = ''): ?float
    {
        $bare = self::bare($text);
        if ($unit !== '' && preg_match('/[a-zµ]/iu', $bare) !== 1) {
            $bare .= " $unit";
        }
        if (preg_match('/[a-z]/i', $bare) !== 1) {
            return null;
        }
        try {
            $grams = NumberText::read(str_ireplace(['grammes', 'gramme', 'gms', 'grm', 'gr '], ['g', 'g', 'g', 'g', 'g '], $bare), Field::mass('mass_g', 'It weighs'));
        } catch (Refused) {
            return null;
        }

        return $grams >= Field::LEAST_GRAMS && $grams <= Field::MOST_GRAMS ? $grams : null;
    }

    public static function day(string $text, ?bool $monthFirst): ?string
    {
        return DayText::read(trim((string) preg_replace('/[T ]\d{1,2}:\d{2}(?::\d{2})?(?:\.\d+)?Z?$/', '', trim($text))), $monthFirst);
    }

    public static function isYes(string $text): bool
    {
        return ! self::isNotKnown($text) && ! in_array(mb_strtolower(trim($text)), ['no', 'n', 'false', '0', 'untreated', 'not treated', 'nein', 'non', 'nee', 'unbehandelt', 'ungebeizt', 'non traité'], true);
    }

    /** What a text says a variety to be; null where it says nothing of it. */
    public static function type(string $text): ?VarietyType
    {
        $plain = mb_strtolower(trim($text));

        return match (true) {
            self::isNotKnown($plain) => null,
            preg_match('/\bf[ -]?1\b|hybrid/', $plain) === 1 => VarietyType::Hybrid,
            preg_match('/\bf[ -]?[2-9]\b|stabilis|stabiliz|made stable/', $plain) === 1 => VarietyType::Stabilising,
            preg_match('/landrace|landsorte|mischung|mixed|\bmix\b|population|grex/', $plain) === 1 => VarietyType::Landrace,
            preg_match('/\bop\b|open|samenfest|reproductible|zaadvast|polinizaci|impollinazione|population fix|heirloom|heritage|comes true|\btrue\b/', $plain) === 1 => VarietyType::OpenPollinated,
            default => null,
        };
    }

    /** The generation that a text names: F4. */
    public static function generation(string $text): string
    {
        return preg_match('/\bf[ -]?([2-9])\b/i', $text, $part) === 1 ? "F$part[1]" : '';
    }

    /** Without what only says that it is not exact. */
    private static function bare(string $text): string
    {
        return trim((string) preg_replace(self::ABOUT, '', trim($text)));
    }
}
