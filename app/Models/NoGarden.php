<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\QueryException;

/**
 * The commands that reckon work without a garden too: then nothing is set and no figure is the keeper's own. While a
 * request is answered there is always one, and if it cannot be read that must be heard of, or the handbook's figures
 * would silently stand in for the keeper's.
 */
final class NoGarden
{
    public static function explains(QueryException $e): bool
    {
        return app()->runningInConsole() && (str_contains($e->getMessage(), 'no such table') || str_contains($e->getMessage(), 'does not exist'));
    }
}
