<?php

declare(strict_types=1);

namespace App\Steps\Storing;

use App\Voice\Quantity;
use App\Words\DampWords;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Drying\Damp;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\StoringTask;

final class StoringVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            StoringTask::OpenDampJar->value => new Speech('open damp jar', static fn (SeenTask $t): Saying => new Saying(
                $t->number('cool') > 0.0 ? 'Let it grow warm shut, then open it and spread the seed again' : 'Open it and spread the seed again',
                sprintf(
                    $t->text('ground') === MoistureGround::Carried->value ? 'It took up the air it was kept in before, and went in at about %s: the air in there is at about %s RH. %s Paper or cloth would do until it is dry.' : 'It went in at %s: the air in there is at about %s RH. %s Paper or cloth would do until it is dry.',
                    Quantity::moisture($t->number('moisture')),
                    Quantity::percent($t->number('rh')),
                    DampWords::becomes(Damp::from($t->text('damp')), $t->number('cool') > 0.0),
                ),
            )),
            StoringTask::TakeOutOfCold->value => new Speech('out of the cold', static fn (SeenTask $t): Saying => new Saying(
                $t->whole('containers') > 1 ? sprintf('Take all %d out of the cold, and leave them shut', $t->whole('containers')) : 'Take it out of the cold, and leave it shut',
                sprintf('The %s was in %s long enough for what eats the seed to be dead. Shut until it is as warm as the room, or water settles on the seed.', $t->text('container'), $t->text('place')),
            )),
            StoringTask::LeaveShut->value => new Speech('leave it shut', static fn (SeenTask $t): Saying => new Saying(
                sprintf('Leave it shut until %s', $t->when->minute($t->day('until'))),
                sprintf('The %s came out of the cold into the air of %s: until it is warmer than the dew point, water settles on whatever is opened.', $t->text('container'), $t->text('place')),
            )),
            StoringTask::ReadStoredJar->value => new Speech('read a jar', needs: ['hygrometer' => Speech::ONE], say: static fn (): Saying => new Saying('Put a hygrometer in and read it after a day', 'Nothing says how dry this seed went in. A day in the closed jar with a hygrometer tells.')),
        ];
    }
}
