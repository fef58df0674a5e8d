<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Steps\Testing\Pretreatment;

/** What was done to the seed of a test before it was laid to germinate, and how it lies. */
final class BeforeWords
{
    /** @return list<string> as the middle of a sentence has them */
    public static function said(Pretreatment $before): array
    {
        return array_values(array_filter([
            $before->coat?->label() ?? '',
            $before->smoked ? 'smoked' : '',
            $before->soakedHours === null ? '' : sprintf('soaked for %s', Quantity::hours($before->soakedHours)),
            $before->ripenedDays === null ? '' : sprintf('kept dry and warm for %s before', Quantity::number($before->ripenedDays, 'day')),
            $before->chilledDays === null ? '' : sprintf('first %s damp in the cold', Quantity::number($before->chilledDays, 'day')),
            $before->nightC === null ? '' : sprintf('%s by night', Quantity::temperature($before->nightC)),
            $before->laidIn?->label() ?? '',
        ], static fn (string $one): bool => $one !== ''));
    }
}
