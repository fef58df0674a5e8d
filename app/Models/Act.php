<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Many things that came in as one, or to which the same was done at once.
 *
 * @property string $id
 * @property string $title
 * @property 'taken_in'|'at_once' $sort
 * @property int $lots  that came in; 0 of what was done at once, which its entries tell
 * @property string $made_at
 * @property ?string $taken_back_at
 * @property string $digest  of the list as it was sent; empty of those that are older
 */
final class Act extends Thing
{
    protected $table = 'acts';
}
