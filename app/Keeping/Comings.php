<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Clock;
use App\Moment;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The book of who came and went, was let in, was refused. */
final readonly class Comings
{
    /** Lines that are kept. */
    private const MOST = 2_000;

    public function __construct(private Clock $clock, private Request $request) {}

    /** In the transaction of what is done, where there is one. */
    public function note(string $who, string $what, string $whom = ''): void
    {
        DB::table('comings')->insert(['at' => Moment::keep($this->clock->now()), 'who' => mb_substr($who, 0, 60), 'what' => $what, 'whom' => mb_substr($whom, 0, 60), 'address' => (string) $this->request->ip()]);
        DB::table('comings')->where('seq', '<=', (int) DB::table('comings')->max('seq') - self::MOST)->delete();
    }

    /** @return list<object{at: string, who: string, what: string, whom: string, address: string}> newest first */
    public function last(int $most): array
    {
        /** @var list<object{at: string, who: string, what: string, whom: string, address: string}> $rows */
        $rows = DB::table('comings')->orderByDesc('seq')->limit($most)->get()->all();

        return $rows;
    }
}
