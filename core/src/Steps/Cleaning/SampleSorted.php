<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A sample of the lot was sorted into seed of the crop, other seed, and what is no seed, and each was weighed. */
final readonly class SampleSorted implements Payload
{
    /**
     * @param  float  $pureG  g of seed of the crop
     * @param  ?float  $inertG  g of chaff, soil and broken bits
     * @param  ?float  $otherG  g of other seed
     * @param  string  $others  which seed that is; may be empty
     */
    public function __construct(public float $pureG, public ?float $inertG, public ?float $otherG, public string $others = '') {}

    public static function kind(): Kind
    {
        return Kind::of('sample_sorted', Subject::Lot, 'Sample sorted out')->act('Sort a sample out')->also('purity', 'sorted')
            ->asks(
                Field::mass('pure_g', 'Seed of the crop')->called('the mass of pure seed'),
                Field::mass('inert_g', 'Chaff, soil, broken bits')->called('the mass of chaff and soil')->optional(),
                Field::mass('other_g', 'Other seed')->called('the mass of other seed')->optional(),
                Field::text('others', 'Which other seed', 80)->called('which other seed')->optional('')->seldom(),
            )
            ->says('{pure_g} seed', '{inert_g} chaff', '{other_g} other seed', '{others}');
    }
}
