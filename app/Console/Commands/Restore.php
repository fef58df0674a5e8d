<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Copies\Copies;
use App\Copies\Copy;
use App\Copies\CopyFailed;
use App\Copies\GoingBack;
use Illuminate\Console\Command;

final class Restore extends Command
{
    protected $signature = 'marrow:restore {file : the copy to go back to} {--yes : do not ask}';

    protected $description = 'Put a copy in the place of the garden; what stood there is kept beside it';

    public function handle(Copies $copies, GoingBack $back): int
    {
        $file = $this->argument('file');
        try {
            $copy = Copy::in(is_string($file) ? $file : '');
            $lost = $copies->lostBy($copy);
            $this->line("The copy holds \"$copy->garden\": $copy->entries entries, $copy->lots lots, the newest recorded $copy->recordedAt.");
            $this->line(match ($lost) {
                null => 'The garden as it stands cannot be read, so it cannot be said what of it the copy lacks.',
                0 => 'It lacks nothing that the garden holds now.',
                default => "It lacks $lost entries that the garden holds now: they would be gone from it.",
            });
            if (! $this->option('yes') && ! $this->confirm('Go back to this copy?')) {
                $this->line('Nothing was changed.');

                return self::FAILURE;
            }
            $said = $back->to($copy);
        } catch (CopyFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->info($said);

        return self::SUCCESS;
    }
}
