<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Figures;
use App\Voice\Quantity;
use Marrow\Core\Selection\TasteAgreement;

/** What a blind tasting can show, and what it has shown. */
final class TastingWords
{
    /** Chance below which agreement is taken for more than chance. */
    private const SHOWS = 0.05;

    public const DIFFER = 'It says that they differ, not that each differs from the next.';

    /** What it can show at the best. */
    public static function ahead(float $leastP): string
    {
        return $leastP > self::SHOWS ? 'Too few to show anything: more tasters, or more samples.' : sprintf('It can show a difference, where %s agree.', $leastP > self::SHOWS / 10 ? 'all or nearly all' : 'most');
    }

    /** How many it wants at the table. */
    public static function wants(int $plates): string
    {
        $tasters = 2;
        while ($tasters < TasteAgreement::MOST_TASTERS && TasteAgreement::leastP($tasters, $plates) > self::SHOWS) {
            $tasters++;
        }

        return sprintf('With %s it wants %s at the least, who then must all agree; each one more lets them differ.', Quantity::number($plates, 'plate'), Quantity::number($tasters, 'taster'));
    }

    /** @param  string  $order  what was tasted, from best to least */
    public static function verdict(float $p, float $leastP, string $order): string
    {
        return match (true) {
            $p < self::SHOWS => "They agree: from best to least, $order.",
            $leastP > self::SHOWS => 'Nothing is shown, and with so few nothing could be.',
            default => 'No difference shown: what one liked another did not.',
        };
    }

    public static function chance(float $p, bool $isExact, float $w): string
    {
        return sprintf('As much agreement comes by chance alone %s%s; agreement %s of 1.', Figures::oneIn($p), $isExact ? '' : ', roughly', Figures::round($w, 2));
    }
}
