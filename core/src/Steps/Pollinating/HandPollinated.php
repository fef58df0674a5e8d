<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Pollinating;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Pollen was carried to flowers by hand. */
final readonly class HandPollinated implements Payload
{
    /**
     * @param  int  $flowers  of one mother, pollinated alike
     * @param  string  $mother  mark or number of the plant; may be empty
     * @param  string  $fathers  marks or numbers of the plants whose pollen it was, with commas between; may be empty
     * @param  string  $tie  what marks the flower; may be empty
     * @param  ?string  $pollen  id of the planting that the pollen is of; null for this one
     */
    public function __construct(public int $flowers, public string $mother, public string $fathers, public string $tie, public ?string $pollen) {}

    public static function kind(): Kind
    {
        return Kind::of('hand_pollinated', Subject::Planting, 'Pollinated by hand')->act('Pollinated')->also('hand pollinated', 'crossed by hand')
            ->asks(
                Field::integer('flowers', 'Flowers', '', 1, 10_000)->called('the number of flowers')->usually(1)->of('flower'),
                Field::text('mother', 'Mother plant', 40)->optional('')->hint('Its number or mark'),
                Field::text('fathers', 'Father plants', 200)->optional('')->hint('1, 4'),
                Field::text('tie', 'Tied with', 60)->optional('')->hint('Red wool, tag 3'),
                Field::reference('pollen', 'Pollen from another planting', Subject::Planting)->optional()->hint('Only where it was not of this one')->seldom(),
            )
            ->says('{flowers}', 'mother {mother}', 'by {fathers}', '{tie}', 'pollen of {pollen}');
    }

    /** @return list<string> each father once */
    public function fatherPlants(): array
    {
        $plants = preg_split('/\s*(?:,|;|\+|&|\band\b)\s*/u', $this->fathers, -1, PREG_SPLIT_NO_EMPTY);

        return array_values(array_unique(array_map(mb_strtolower(...), array_filter(array_map(trim(...), $plants === false ? [] : $plants), static fn (string $one): bool => $one !== ''))));
    }
}
