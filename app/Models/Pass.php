<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $id
 * @property string|null $keeper_id
 * @property string $purpose
 * @property string $name
 * @property string $role
 * @property string $digest
 * @property string $made_at
 * @property string|null $used_at
 * @property string|null $ends_at
 */
final class Pass extends Thing
{
    protected $table = 'passes';
}
