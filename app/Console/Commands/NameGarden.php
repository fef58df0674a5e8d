<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Garden;
use Illuminate\Console\Command;

final class NameGarden extends Command
{
    protected $signature = 'marrow:garden {name : what the garden is called}';

    protected $description = 'Give an empty database its garden; one that has a garden keeps it';

    public function handle(): int
    {
        $name = $this->argument('name');
        Garden::query()->firstOrCreate([], ['name' => is_string($name) ? $name : 'My garden']);

        return self::SUCCESS;
    }
}
