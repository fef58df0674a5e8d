<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed that dries was turned over and parted, so that none lies wet on another. */
final readonly class Raked implements Payload
{
    /** @param  bool  $dryOutside  it no longer feels wet */
    public function __construct(public bool $dryOutside = false) {}

    public static function kind(): Kind
    {
        return Kind::of('raked', Subject::Lot, 'Turned as it dries')->act('Turn and part it')->also('raked', 'parted')
            ->asks(Field::flag('dry_outside', 'Dry to the touch')->hint('Outside only: inside it is damp for days'));
    }
}
