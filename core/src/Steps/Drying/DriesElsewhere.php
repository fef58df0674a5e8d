<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed that dries was taken in, put out, or moved; it dries on, and its weighings go on. */
final readonly class DriesElsewhere implements Payload
{
    /**
     * @param  ?string  $placeId  null where it stays in the room it was in
     * @param  ?DriesWhere  $where  null where it stays under a roof, or out, as it was
     * @param  ?float  $temperatureC  °C, of the air it dries in, where that was measured
     */
    public function __construct(public ?string $placeId = null, public ?DriesWhere $where = null, public ?DryingAid $aid = null, public ?float $temperatureC = null) {}

    public static function kind(): Kind
    {
        return Kind::of('dries_elsewhere', Subject::Lot, 'Dries elsewhere')->act('Take it in, put it out, move it')->also('taken in', 'put out', 'out to dry', 'in from dew')
            ->asks(...DriesHow::fields())
            ->says('{where}', '{place_id}', 'with {aid}', 'in air of {temperature_c}');
    }
}
