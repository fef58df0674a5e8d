<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Clean seed came from elsewhere, or was found among what is there already; a lot begins with it. */
final readonly class Received implements Payload
{
    /**
     * @param  string  $how  bought, given, swapped or found
     * @param  string  $from  whoever it came from; empty when nobody knows
     * @param  int|null  $year  in which the seed ripened, as it was told
     * @param  float|null  $claimed  share that germinates, 0 to 1, as it was told
     */
    public function __construct(public string $how, public string $from, public ?int $year, public ?float $claimed) {}

    public static function kind(): Kind
    {
        return Kind::of('received', Subject::Lot, 'Came from elsewhere')->act('Seed came from elsewhere')->starts()->once()
            ->asks(
                Field::choice('how', 'How it came', ['bought' => 'bought', 'given' => 'given', 'swapped' => 'swapped', 'found' => 'found in the cupboard'])->called('how it came')->usually('given'),
                Field::text('from', 'From whom', 120)->optional('')->hint('A name, a shop, a swap'),
                Field::integer('year', 'Ripened in the year', '', 1900, 2200)->called('the year it ripened')->optional()->hint('As the packet says; empty if nobody knows'),
                Field::share('claimed', 'Germinates, as it was told')->called('the germination that was told')->optional(),
            )
            ->says('{how}', 'from {from}', 'ripened in {year}', 'said to germinate {claimed}');
    }
}
