<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\KeepersAcre;
use App\Garden\Settings;
use App\Models\Acting;
use App\Models\Garden;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class LayDemo extends Command
{
    protected $signature = 'marrow:demo {--latitude= : where it lies, degrees; south of the equator below nought, with its days half a year on}';

    protected $description = "Lay out the demo garden, Keepers' Acre, in an empty database";

    public function handle(Settings $settings): int
    {
        if (Garden::query()->exists()) {
            $this->error('There is a garden in this database already. The demo is laid out in an empty one only.');

            return self::FAILURE;
        }
        $latitude = $this->option('latitude');
        if ($latitude !== null && (! is_numeric($latitude) || abs((float) $latitude) > 90)) {
            $this->error('The latitude must be between -90 and 90.');

            return self::FAILURE;
        }
        DB::transaction(function () use ($settings, $latitude): void {
            if ($latitude !== null) {
                $settings->put('latitude', (string) $latitude, new Acting);
                // What reads the garden from now on reads it there.
                app()->forgetScopedInstances();
            }
            app(KeepersAcre::class)->lay();
        });
        $this->info("Keepers' Acre is laid out.");

        return self::SUCCESS;
    }
}
