<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\KeepersBook;
use App\Models\Keeper;
use Illuminate\Console\Command;

final class ChoosePassword extends Command
{
    protected $signature = 'marrow:password {name : of a keeper who forgot theirs}';

    protected $description = 'Print a link by which a keeper chooses a password anew, once, within a day';

    public function handle(KeepersBook $book): int
    {
        $name = $this->argument('name');
        $keeper = Keeper::query()->where('role', '!=', '')->where('name', is_string($name) ? trim($name) : '')->first();
        if ($keeper === null) {
            $this->error('Nobody of that name keeps this garden. They are: '.($book->all()->pluck('name')->implode(', ') ?: 'nobody yet').'.');

            return self::FAILURE;
        }
        $this->line("Open Marrow as $keeper->name opens it, at this page: /join#".$book->anew($keeper));

        return self::SUCCESS;
    }
}
