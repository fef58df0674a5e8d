<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\BarDocument;
use App\Documents\OfferDocument;
use App\Models\Place;
use App\Models\Planting;
use App\Models\PlantingStanding;
use App\Moment;
use App\Presenting\Tags;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Steps\Shelf\FruitDocument;
use App\Steps\Shelf\ShelfDocument;
use App\Steps\Shelf\ShelfRowDocument;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\ShelfWords;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Steps\Shelf\FruitCut;
use Marrow\Core\Steps\Shelf\FruitShelved;
use Marrow\Core\Steps\Shelf\FruitState;
use Marrow\Core\Steps\Shelf\FruitTasted;
use Marrow\Core\Steps\Shelf\ShelvedFruit;
use Marrow\Core\Work\Offer;

/** The fruit on the shelf, planting by planting, what is opened soonest first. */
final class ShelfGlance
{
    /** Plantings; of more nobody sees anything at a glance. */
    private const MOST = 40;

    /** @var array<string, string>|null names of places, by id */
    private ?array $places = null;

    public function __construct(private readonly Facts $facts, private readonly Tags $tags) {}

    /** @param  ?Planting  $only  of one, whether anything of it lies there or not */
    public function of(?Planting $only, When $when): ShelfDocument
    {
        $ids = $only === null ? array_values(PlantingStanding::query()->where('shelved', '>', 0)->limit(self::MOST)->get(['planting_id'])->map(static fn (PlantingStanding $row): string => $row->planting_id)->all()) : [$only->id];
        $plantings = Tagged::plantings($ids);
        $courses = $this->facts->plantings(collect(array_values($plantings)));
        $rows = [];
        foreach ($plantings as $id => $planting) {
            $rows[] = $this->row($planting, $courses[$id], $when);
        }
        usort($rows, static fn (ShelfRowDocument $a, ShelfRowDocument $b): int => self::soonest($a) <=> self::soonest($b));

        return new ShelfDocument($rows);
    }

    private function row(Planting $planting, PlantingCourse $course, When $when): ShelfRowDocument
    {
        $shelf = $course->shelf;
        $there = array_filter($shelf->fruits, static fn (ShelvedFruit $fruit): bool => $fruit->lot === null && $fruit->gone === null);
        $fruits = array_map(fn (ShelvedFruit $fruit): FruitDocument => $this->fruit($planting, $fruit, $when), array_values($there));
        usort($fruits, static fn (FruitDocument $a, FruitDocument $b): int => [$b->open, $a->window->to ?? INF, $a->number] <=> [$a->open, $b->window->to ?? INF, $b->number]);

        return new ShelfRowDocument(
            $planting->id,
            $this->tags->planting($planting),
            $course->facts->crop->ripening->fruit->value,
            $shelf->next(),
            $course->facts->crop->isWetCleaned(),
            $shelf->mayBeBitter(),
            $fruits,
            array_map(
                static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, $course->facts->crop->cautions),
                [Offer::of(FruitCut::class, 1), Offer::of(FruitTasted::class, 2), Offer::of(FruitShelved::class, 3)->usually('stalk', $this->facts->practice->word('fruit_stalk'))],
            ),
            $shelf->closed(),
            ShelfWords::of($shelf->fruits),
        );
    }

    private function fruit(Planting $planting, ShelvedFruit $fruit, When $when): FruitDocument
    {
        $window = $fruit->cut === null ? $fruit->window() : null;

        return new FruitDocument(
            $fruit->number(),
            ShelvedFruit::codeOf($planting->code(), $fruit->number()),
            $fruit->shelved->plant,
            $fruit->shelved->massG === null ? '' : Quantity::weighed($fruit->shelved->massG),
            implode(', ', array_filter([$fruit->placeId === null ? '' : $this->place($fruit->placeId), $fruit->shelved->stalk?->label() ?? ''])),
            'picked '.$when->day($fruit->pickedAt).($fruit->seenAt > $fruit->pickedAt ? ', looked at '.$when->day($fruit->seenAt) : ''),
            Moment::say($fruit->pickedAt),
            $fruit->shelved->massG,
            $fruit->state->value,
            $fruit->state->label(),
            $window === null ? null : new BarDocument(
                round(Scale::days($when->now, $fruit->pickedAt), 3),
                round(Scale::days($when->now, $window->best), 3),
                round(Scale::days($when->now, $window->until), 3),
                sprintf('Its seed is worth having from %s, best about %s; it lies until %s at the longest.', $when->day($window->from), $when->day($window->best), $when->day($window->until)),
            ),
            ShelfWords::next($fruit, $when),
            $fruit->state !== FruitState::Sound,
            $fruit->cut !== null,
            $fruit->cutAt === null ? null : Moment::say($fruit->cutAt),
            ShelfWords::found($fruit),
            $fruit->cut?->bitter,
        );
    }

    private function place(string $id): string
    {
        $this->places ??= array_filter(Place::query()->pluck('name', 'id')->all(), is_string(...));

        return $this->places[$id] ?? '';
    }

    private static function soonest(ShelfRowDocument $row): float
    {
        return min([INF, ...array_map(static fn (FruitDocument $fruit): float => $fruit->open ? -INF : ($fruit->window->near ?? INF), $row->fruits)]);
    }
}
