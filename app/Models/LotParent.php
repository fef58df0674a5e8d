<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What gave to a lot, and as what: the planting that it was picked from, the one whose pollen it had where that was another, the
 * lots that it is of. A lot from elsewhere has a row that names none.
 *
 * @property string $lot_id
 * @property string $kind  of the entry that it began with
 * @property string|null $planting_id
 * @property string $role  (Marrow\Core\Population\Role)
 * @property string|null $from_lot_id
 * @property string|null $came  id of the lot that it leads back to: that one, or what the planting was sown from
 * @property string $told  what it was of, in words, where it is of no planting and no lot here
 * @property int|null $plants  that gave
 * @property float|null $share  of a mixture
 */
final class LotParent extends Thing
{
    protected $table = 'lot_parents';

    protected $primaryKey = 'lot_id';
}
