<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Many things that came in as one.
 *
 * @property string $id
 * @property string $title
 * @property int $lots
 * @property string $made_at
 * @property ?string $taken_back_at
 * @property string $digest  of the list as it was sent; empty of those that are older
 */
final class Act extends Thing
{
    protected $table = 'acts';
}
