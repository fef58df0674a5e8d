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
            $crossing->came === null => 'probably crossed before it came here',
            $crossing->season === null => "probably crossed in $crossing->came, or before",
            default => "probably crossed in $crossing->came, in the bloom of $crossing->season, or before",
        };

        return $code === $crossing->lot
            ? "Crossed: $off; $came. What is recessive shows a generation late, and seed can have been mixed up: look at what stood round it. Do not sow it for seed; everything grown from it is marked too."
            : "Crossed: it descends from $crossing->lot; $off; $came.";
    }

    /** Of a lot of the same bloom as one that turned out crossed. */
    public static function sister(Crossing $crossing): string
    {
        return sprintf(
            'Doubtful: %s, picked from the same bloom%s, turned out crossed, %d of %s off-type. The same pollen was on this one: grow some of it out before it is sown for seed or passed on.',
            $crossing->lot,
            $crossing->came === null ? '' : " of $crossing->came",
            $crossing->off,
            Quantity::number($crossing->seen, 'plant'),
        );
    }
}
