<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\KeepersBook;
use App\Keeping\Present;
use Illuminate\Console\Command;

final class ListKeepers extends Command
{
    protected $signature = 'marrow:keepers';

    protected $description = 'Say who keeps the garden; it fails where nobody signs in yet';

    public function handle(KeepersBook $book, Present $present): int
    {
        foreach ($book->all() as $keeper) {
            $this->line("$keeper->name ($keeper->role)");
        }
        if (! $present->isSigned()) {
            $this->error('Nobody signs in to this garden: it has no owner yet. Open it at its own machine, and become its owner in Books, Keepers.');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
