<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Copies\Copy;
use App\Copies\GoneBack;
use App\Models\Marks;
use App\Reading\PeopleNames;
use App\Voice\Quantity;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use PDOException;

/** Somebody who asked to be forgotten does not come back with a copy that was made before. */
final readonly class StaysForgotten
{
    public function __construct(private Forgetting $forgetting) {}

    public function goneBack(GoneBack $back): void
    {
        $again = self::known();
        if ($again === []) {
            return;
        }
        if (! $back->mayForget) {
            DB::table('marks')->whereIn('key', array_map(Marks::ofForgotten(...), array_keys($again)))->delete();
            $back->said[] = sprintf('%s forgotten since, and %s in it again, as you wished.', count($again) === 1 ? 'Somebody was' : 'Some people were', count($again) === 1 ? 'is' : 'are');

            return;
        }
        foreach ($again as $name) {
            try {
                $this->forgetting->forget($name, also: true);
            } catch (Refused) {
                // Gone already with another, as "Odile" goes with "Odile and Marek".
                continue;
            }
        }
        $back->said[] = sprintf('%s forgotten again in it.', Quantity::number(count($again), 'name was', 'names were'));
    }

    /** How many of those who were forgotten in this garden stand in a copy of it. */
    public static function comeBack(Copy $copy): int
    {
        try {
            if (DB::table('marks')->where('key', 'like', Marks::FORGOTTEN.'%')->doesntExist()) {
                return 0;
            }
            config(['database.connections.copy.database' => $copy->file]);
            DB::purge('copy');

            return count(self::known('copy'));
        } catch (PDOException|SQLiteDatabaseDoesNotExistException) {
            return 0;
        } finally {
            DB::purge('copy');
        }
    }

    /** @return array<string, string> names that were to be forgotten and stand in a garden, by small letters */
    private static function known(?string $connection = null): array
    {
        return array_filter(PeopleNames::everybody($connection), static fn (string $name): bool => Marks::get(Marks::ofForgotten($name)) !== '');
    }
}
