<?php

declare(strict_types=1);

namespace App\Steps\Shelf;

use App\Voice\Quantity;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\Tap;
use App\Work\TaskVoice;
use DateTimeImmutable;
use Marrow\Core\Steps\Shelf\FruitSeen;
use Marrow\Core\Steps\Shelf\ShelfTask;

final class ShelfVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            ShelfTask::LookOver->value => new Speech('look over', static fn (SeenTask $t): Saying => new Saying(
                sprintf('Look over %s on the shelf', Quantity::number($t->whole('fruits'), 'fruit')),
                sprintf('Last looked at %s. One that goes soft or leaks is opened or comes off; it says nothing of the others but that it kept badly.', $t->when->day(new DateTimeImmutable($t->text('since')))),
            ), tap: new Tap(FruitSeen::class, 'fruits', 'All sound')),
            ShelfTask::Open->value => new Speech('open', static fn (SeenTask $t): Saying => new Saying(
                sprintf('Open %s: %s', $t->whole('fruits') === 1 ? 'the fruit' : 'the fruits', $t->text('which')),
                match (true) {
                    $t->text('states') === '' => 'Its seed is ripe by now; left longer it sprouts or rots with its fruit.',
                    $t->whole('short') === 1 => sprintf('Soon, it will not last: %s. Its seed may be thin yet; what is plump is good.', $t->text('states')),
                    default => sprintf('Soon, it will not last: %s.', $t->text('states')),
                },
            )),
            ShelfTask::TakeOut->value => new Speech('take out seed', static fn (SeenTask $t): Saying => new Saying(
                sprintf('Take the seed out: fruit %s', $t->text('which')),
                $t->whole('taste') === 1 ? 'It is cut open. Taste it first, raw and cooked: here seed is kept of what was tasted.' : 'It is cut open, and seed that dries on in it is hard to clean.',
            )),
        ];
    }
}
