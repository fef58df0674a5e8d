<?php

declare(strict_types=1);

namespace App\Words;

use App\Lineage\Crossing;
use App\Voice\Quantity;

/** Why a lot is taken to be crossed, said of a lot. */
final class CrossingWords
{
    public static function sentence(Crossing $crossing, string $code): string
    {
        $off = sprintf('%d of %s grown from it in %s %s off-type', $crossing->off, Quantity::number($crossing->seen, 'plant'), $crossing->seenIn, $crossing->off === 1 ? 'was' : 'were');
        $came = match (true) {
            $crossing->came === null => 'so it was crossed before it came here',
            $crossing->season === null => "so it was crossed in $crossing->came",
            default => "so it was crossed in $crossing->came, in the bloom of $crossing->season",
        };

        return $code === $crossing->lot
            ? "Crossed: $off, $came. Do not sow it for seed; everything grown from it is marked too."
            : "Crossed: it descends from $crossing->lot; $off, $came.";
    }
}
