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
 */
final class Act extends Thing
{
    protected $table = 'acts';
}
