<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Stock;

use Marrow\Core\Fields\Each;
use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Counted samples were weighed, for the thousand-seed mass. */
final readonly class SampleWeighed implements Payload
{
    /**
     * @param  int  $counted  seeds in each sample
     * @param  list<float>  $massesG  g, one a sample
     */
    public function __construct(public int $counted, public array $massesG) {}

    public static function kind(): Kind
    {
        return Kind::of('sample_weighed', Subject::Lot, 'Seeds counted and weighed')->act('Count and weigh samples')->also('sample', 'samples', 'seeds weigh')
            ->asks(
                Field::integer('counted', 'Seeds in each sample', '', 5, 100_000)->called('the seeds in each sample')->usually(100)->of('seed'),
                Field::mass('masses_g', 'Sample weighs')->called('the mass of the sample')->each(Each::startingWith(3)),
            )
            ->says('samples of {counted}', '{masses_g}');
    }
}
