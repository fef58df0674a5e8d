<?php

declare(strict_types=1);

namespace App\Garden;

use App\Clock;
use App\Models\WriteLock;
use App\Moment;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;

/** Photographs that are in the garden. What each is of is told by the journal. */
final readonly class Photographs
{
    public function __construct(private Clock $clock) {}

    /**
     * However often it is sent it is one.
     *
     * @param  string  $jpeg  base64
     *
     * @throws Refused of what is no photograph, or too large
     */
    public function add(string $id, string $jpeg): void
    {
        $bytes = base64_decode($jpeg, true);
        $plain = PlainJpeg::of($bytes === false ? '' : $bytes);
        WriteLock::hold(fn () => DB::statement('INSERT OR IGNORE INTO photographs (id, bytes, size, added_at) VALUES (?, CAST(? AS BLOB), ?, ?)', [$id, $plain->bytes, strlen($plain->bytes), Moment::keep($this->clock->now())]));
    }

    public static function bytes(string $id): ?string
    {
        $bytes = DB::table('photographs')->where('id', $id)->value('bytes');

        return is_string($bytes) ? $bytes : null;
    }
}
