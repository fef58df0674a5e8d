<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Lot;
use App\Models\Place;
use App\Models\Variety;
use App\Reading\Facts;
use App\Reading\JournalReader;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\Portion;
use Marrow\Core\Lot\Portioning;
use Marrow\Core\Lot\PortionWish;

/** Lots of the demo that are parted into packets for the years to come, as the program itself reckons them, and who was given some. */
final readonly class InPackets
{
    public function __construct(private Facts $facts, private JournalReader $journal) {}

    /** The tomato of the old fridge, sown every year, and the onion on its last seasons, every other. */
    public function part(DemoWriter $write, Place $fridge, Place $cupboard): void
    {
        $this->parted($write, 'Sluice Gate', '2026-08-30 20:00', ['plants' => 12, 'packets' => 6, 'reserve' => 200, 'container' => 'foil_pouch', 'place' => $fridge->id, 'sachets' => 1]);
        $this->parted($write, 'Capstan', '2026-08-30 20:30', ['plants' => 60, 'packets' => 3, 'reserve' => 1000, 'container' => 'paper_envelope', 'place' => $cupboard->id]);
    }

    /** Some went to others; of the squash before anybody knew that it is crossed. */
    public function give(DemoWriter $write): void
    {
        foreach ([
            ['Bell Buoy', '2025-03-09 11:00', 'gift', 12, 'Tove'],
            ['Bell Buoy', '2025-03-23 15:00', 'swap', 8, 'Old Annick'],
            ['Sluice Gate', '2026-02-22 11:00', 'swap', 30, 'Tove'],
        ] as [$variety, $at, $purpose, $seeds, $to]) {
            $write->happen($this->lot($variety), 'withdrawn', $at, ['purpose' => $purpose, 'seeds' => $seeds, 'to' => $to]);
        }
    }

    private function lot(string $variety): Lot
    {
        return Lot::query()->with(['variety', 'planting.variety'])->where('variety_id', Variety::query()->where('name', $variety)->value('id'))->orderBy('number')->firstOrFail();
    }

    /** @param  array<string, mixed>  $wanted */
    private function parted(DemoWriter $write, string $variety, string $at, array $wanted): void
    {
        $lot = $this->lot($variety);
        $this->facts->forget();
        $practice = $this->facts->practice;
        $wish = PortionWish::of(PortionWish::fields($practice, 2026)->read($wanted));
        $forecast = Portioning::forecast($this->facts->ofLot($lot), $this->journal->of(Subject::Lot, $lot->id), $practice, $wish, $write->moment($at));
        $portions = Portioning::of($this->facts->lot($lot), $wish, $forecast)->portions ?? [];
        $write->happen($lot, 'portioned', $at, [
            'years' => array_map(static fn (Portion $portion): int => $portion->year, $portions),
            'seeds' => array_map(static fn (Portion $portion): int => $portion->seeds, $portions),
            'plants' => $wish->plants,
            'container' => $wanted['container'],
            'place_id' => $wish->place,
            'reserve' => $wish->reserve,
            'sachets' => $wish->sachets,
            'confidence' => $wish->confidence,
            'field' => $wish->field,
        ]);
    }
}
