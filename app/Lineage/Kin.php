<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Bulk;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Population\Kinship;
use Marrow\Core\Population\RareForm;

/** How lots are related by the garden's own graph of parents, and what their pickings have left of what was there. */
final readonly class Kin
{
    /** Share of the first plants that had the rare form of which is asked. */
    public const CARRIERS = 0.05;

    /** Other lots of a variety that are looked through for one to mix in. */
    private const MOST = 60;

    /** By so much kinship less a mixture is worth making. */
    private const WORTH = 0.01;

    /** @param  list<string>  $lots  ids, which may be asked for */
    public function __construct(public Generations $generations, private Crop $crop, private array $lots) {}

    /** @param  list<string>  $lots  ids */
    public static function of(array $lots, Crop $crop): self
    {
        return new self(Generations::of($lots), $crop, $lots);
    }

    public function kinship(): Kinship
    {
        return Kinship::ofPedigree($this->generations->pedigree, $this->lots, $this->crop->outcrossing());
    }

    /** Chance that a form that few of the first plants had is still there; null where no picking is known that it could have got lost in. */
    public function kept(string $lot): ?float
    {
        $plants = array_values(array_filter($this->generations->pedigree->pickings($lot), is_int(...)));

        return $plants === [] ? null : RareForm::kept($plants, self::CARRIERS, $this->crop->outcrossing());
    }

    /** @return ?string id of the lot on the way to this one whose picking was off the fewest plants */
    public function narrowest(string $lot): ?string
    {
        $least = null;
        foreach ($this->generations->pedigree->motherLine($lot) as $one) {
            $plants = self::plants($this->generations, $one);
            if ($plants !== null && ($least === null || $plants < $least[0])) {
                $least = [$plants, $one];
            }
        }

        return $least[1] ?? null;
    }

    /** Plants that gave the seed of a lot; null of what was not picked here, or where nobody knows. */
    public static function plants(Generations $generations, string $lot): ?int
    {
        $link = $generations->pedigree->links($lot)[0] ?? null;

        return $link === null || ! $link->isGrown() ? null : $link->plants;
    }

    /** Of plants of both, half and half. */
    public static function mixed(Kinship $kinship, string $one, string $other): float
    {
        return ($kinship->within($one) + $kinship->within($other) + 2.0 * $kinship->between($one, $other)) / 4.0;
    }

    /**
     * A lot of the same variety, with seed left, that mixed in would widen it the most.
     *
     * @param  list<string>  $not  ids that are not to be mixed in
     * @return ?array{string, float} its id, and the kinship in a mixture half and half
     */
    public static function toMixIn(string $lot, string $variety, Crop $crop, array $not): ?array
    {
        $others = Bulk::ids(DB::table('lot_standings')->where('variety_id', $variety)->where('used_up', 0)->where('place', '!=', 'plot')->where('lot_id', '!=', $lot)->orderBy('number')->limit(self::MOST)->pluck('lot_id'));
        $others = array_values(array_diff($others, $not));
        if ($others === []) {
            return null;
        }
        $kinship = self::of([$lot, ...$others], $crop)->kinship();
        $best = null;
        foreach ($others as $other) {
            $mixed = self::mixed($kinship, $lot, $other);
            if ($mixed < $kinship->within($lot) - self::WORTH && ($best === null || $mixed < $best[1])) {
                $best = [$other, $mixed];
            }
        }

        return $best;
    }
}
