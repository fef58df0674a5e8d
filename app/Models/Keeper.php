<?php

declare(strict_types=1);

namespace App\Models;

use Ramsey\Uuid\Uuid;

/**
 * @property string $id
 * @property string $name
 * @property string $role  empty of who is only a name in the journal
 * @property string $password  digest; empty of who does not sign in
 */
final class Keeper extends Thing
{
    protected $table = 'keepers';

    /** The id of who is called so; null of nobody. */
    public static function named(string $name): ?string
    {
        $name = trim($name);

        return $name === '' ? null : self::query()->firstOrCreate(['name' => $name], ['id' => Uuid::uuid7()->toString()])->id;
    }
}
