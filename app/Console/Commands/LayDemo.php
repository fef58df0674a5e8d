<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\KeepersAcre;
use App\Models\Garden;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class LayDemo extends Command
{
    protected $signature = 'marrow:demo';

    protected $description = "Lay out the demo garden, Keepers' Acre, in an empty database";

    public function handle(KeepersAcre $garden): int
    {
        if (Garden::query()->exists()) {
            $this->error('There is a garden in this database already. The demo is laid out in an empty one only.');

            return self::FAILURE;
        }
        DB::transaction($garden->lay(...));
        $this->info("Keepers' Acre is laid out.");

        return self::SUCCESS;
    }
}
