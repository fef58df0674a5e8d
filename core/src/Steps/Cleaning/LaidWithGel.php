<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cleaning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed was laid on paper to dry as it came out of the fruit, its gel on it: neither fermented nor rinsed. */
final readonly class LaidWithGel implements Payload
{
    /** @param  ?int  $seeds  about so many; null where nobody counted */
    public function __construct(public ?int $seeds) {}

    public static function kind(): Kind
    {
        return Kind::of('laid_with_gel', Subject::Lot, 'Laid on paper, gel on')->act('Lay it on paper, gel on')->also('straight on paper', 'laid on paper')->once()
            ->asks(Field::integer('seeds', 'Seeds, about', '', 1, 1_000_000)->called('the number of seeds')->optional()->of('seed')->hint('They stick to it, and are sown with it'));
    }
}
