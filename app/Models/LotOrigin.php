<?php

declare(strict_types=1);

namespace App\Models;

/**
 * How a lot came to be: from a planting, from elsewhere, from other lots. A mixed lot has several.
 *
 * @property string $lot_id
 * @property string $kind  of the entry that it began with
 * @property string|null $planting_id
 * @property string|null $from_lot_id
 */
final class LotOrigin extends Thing
{
    protected $table = 'lot_origins';

    protected $primaryKey = 'lot_id';
}
