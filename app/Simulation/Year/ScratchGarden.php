<?php

declare(strict_types=1);

namespace App\Simulation\Year;

use App\Demo\AnotherGarden;
use Closure;
use RuntimeException;

/** The demo garden in a file of its own that is gone afterwards: whoever plays in it touches nobody's seed. */
final class ScratchGarden
{
    /**
     * @template T
     *
     * @param  string  $on  moment (Y-m-d\TH:i) on which it is laid out
     * @param  Closure(): T  $do
     * @return T
     */
    public static function with(string $on, Closure $do): mixed
    {
        $folder = sys_get_temp_dir().'/marrow-year-'.bin2hex(random_bytes(6));
        mkdir($folder) || throw new RuntimeException("$folder cannot be made.");
        $now = config('marrow.now');
        $was = config('database.connections.sqlite.database');
        try {
            AnotherGarden::use("$folder/garden.sqlite", $on);
            AnotherGarden::layDemo();

            return $do();
        } finally {
            AnotherGarden::use(is_string($was) ? $was : '', is_string($now) ? $now : null);
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }
}
