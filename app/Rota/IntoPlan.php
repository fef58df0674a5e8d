<?php

declare(strict_types=1);

namespace App\Rota;

use App\Plans\PlannedSeeds;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Lot\Portioning;
use Marrow\Core\Season\Bed;
use Marrow\Core\Season\PlannedPlanting;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Season\SeasonPlan;
use Ramsey\Uuid\Uuid;

/** Lines of the rota put into the plan of a year: where there is ground free, with their seed, and kept apart from one another. */
final class IntoPlan
{
    /** m between two places that are tried. */
    private const STEP = 0.1;

    private const STEPS = 400_000;

    /**
     * @param  list<GardenLine>  $lines
     * @return array<string, mixed> the document of the plan
     *
     * @throws Refused where there is no ground left for one of them
     */
    public static function document(SeasonPlan $plan, array $lines): array
    {
        $document = $plan->toArray();
        $taken = array_map(static fn (PlannedPlanting $planting): Rectangle => $planting->spot, $plan->standing());
        $seeds = PlannedSeeds::of(array_map(static fn (GardenLine $line): array => [$plan->year, $line->variety], $lines));
        $plantings = is_array($document['plantings'] ?? null) ? $document['plantings'] : [];
        foreach ($lines as $line) {
            $spot = self::spot($plan, $taken, $line);
            $taken[] = $spot;
            $packet = $seeds["$plan->year $line->variety"] ?? null;
            $plantings[] = [
                'id' => Uuid::uuid7()->toString(), 'crop' => $line->crop->key, 'variety' => $line->variety, 'spot' => $spot->toArray(), 'plants' => $line->plants, 'purpose' => 'seed',
                'sow' => Portioning::sowing($line->crop, $plan->year, $plan->ground->year)->format('Y-m-d'), 'lot' => $packet->lot ?? ($line->lots[0] ?? null)?->id, 'flowers' => true,
            ];
        }

        return [...$document, 'plantings' => $plantings];
    }

    /** With what keeps it all true, as cheaply as it goes with everything grown; as it is where nothing does. */
    public static function keptApart(SeasonPlan $plan, \DateTimeImmutable $now): SeasonPlan
    {
        $way = Remedies::find($plan, new RemedyPreferences(new \DateTimeImmutable($now->format('Y-m-d'), new \DateTimeZone('UTC')), leaveOut: false), self::STEPS)->plan;

        return $way === null ? $plan : $way->applyTo($plan);
    }

    /** @param  list<Rectangle>  $taken */
    private static function spot(SeasonPlan $plan, array $taken, GardenLine $line): Rectangle
    {
        $spacing = $line->crop->growing->spacing;
        // Where most is free first, so that nothing is squeezed between others while there is room elsewhere.
        $ground = array_map(static fn (Bed $bed): Rectangle => $bed->place, $plan->beds);
        usort($ground, static fn (Rectangle $a, Rectangle $b): int => self::left($b, $taken) <=> self::left($a, $taken));
        foreach ([...$ground, $plan->ground->area()] as $within) {
            foreach ([null, $within->depth, $within->width] as $n => $side) {
                $spot = $n === 2 ? Rectangle::forPlants($within->x, $within->y, $side, null, $line->plants, $spacing) : Rectangle::forPlants($within->x, $within->y, null, $side, $line->plants, $spacing);
                $free = self::free($spot, $within, $taken);
                if ($free !== null) {
                    return $free;
                }
            }
        }

        throw Refused::at('line', sprintf('There is no ground left for %s in the plan of %d: it wants %s m².', $line->title(), $plan->year, round($line->plants * $spacing ** 2, 1)));
    }

    /**
     * @param  list<Rectangle>  $taken
     * @return float m² that nothing stands on
     */
    private static function left(Rectangle $bed, array $taken): float
    {
        return $bed->width * $bed->depth - array_sum(array_map(static fn (Rectangle $other): float => $other->overlaps($bed) ? $other->width * $other->depth : 0.0, $taken));
    }

    /** @param  list<Rectangle>  $taken */
    private static function free(Rectangle $spot, Rectangle $within, array $taken): ?Rectangle
    {
        for ($y = $within->y; $y + $spot->depth <= $within->y + $within->depth + 1e-6; $y += self::STEP) {
            for ($x = $within->x; $x + $spot->width <= $within->x + $within->width + 1e-6; $x += self::STEP) {
                $at = new Rectangle(round($x, 2), round($y, 2), $spot->width, $spot->depth);
                if (! array_any($taken, static fn (Rectangle $other): bool => $other->overlaps($at))) {
                    return $at;
                }
            }
        }

        return null;
    }
}
