<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $id
 * @property string $name
 */
final class Keeper extends Thing
{
    protected $table = 'keepers';
}
