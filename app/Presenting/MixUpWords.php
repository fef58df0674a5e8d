<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Reading\Alike;
use App\Words\Stages;
use Marrow\Core\Steps\Cleaning\CleaningStage;
use Marrow\Core\Steps\Cleaning\MovesVessel;
use Marrow\Core\Things\Registered;

/** Lots on the bench that could be taken for one another: said where it matters. */
final class MixUpWords
{
    /** So many are named. */
    private const NAMED = 3;

    /**
     * On the sheet, before either is opened.
     *
     * @param  list<Alike>  $alike
     * @param  ?bool  $tagged  whether its tag is with it since it was last moved; null of what was never moved
     */
    public static function said(array $alike, ?bool $tagged): ?string
    {
        return $alike === [] ? null : sprintf(
            '%s %s on the bench as well, and once open the seed cannot be told apart. One at a time, its tag beside it, and wipe every bowl and sieve in between.%s',
            self::named($alike),
            count($alike) === 1 ? 'stands' : 'stand',
            $tagged === false ? ' Nobody has said that its tag went along when it was last moved: look that it is there.' : '',
        );
    }

    /**
     * At the form of an act by which seed comes out of one vessel into another.
     *
     * @param  list<Alike>  $alike
     * @return list<string>
     */
    public static function at(array $alike, string $kind): array
    {
        $payload = Registered::kinds()->payloads()[$kind] ?? null;
        // A tool that has touched none of it yet has nothing to be wiped off.
        $touched = array_values(array_filter($alike, static fn (Alike $one): bool => $one->stage !== CleaningStage::Uncleaned->value && $one->stage !== Stages::FINISHING));

        return match (true) {
            $alike === [] || $payload === null || ! is_a($payload, MovesVessel::class, true) => [],
            $touched === [] => [sprintf('Not to be told from %s, once open: its tag goes along.', self::named($alike))],
            default => [sprintf('Not to be told from %s, which %s been open on this bench: wipe sheet, bowl and sieve first, and its tag goes along.', self::named($touched), count($touched) === 1 ? 'has' : 'have')],
        };
    }

    /** @param  list<Alike>  $alike */
    private static function named(array $alike): string
    {
        $names = array_map(static fn (Alike $one): string => "$one->code $one->name", $alike);
        $more = count($names) - self::NAMED;

        return $more > 0 ? implode(', ', array_slice($names, 0, self::NAMED))." and $more more" : implode(' and ', $names);
    }
}
