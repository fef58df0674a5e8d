<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use App\Voice\Quantity;
use App\Words\DesiccantWords;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Drying\DesiccantKind;
use Marrow\Core\Steps\Drying\DesiccantTask;

final class DesiccantVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            DesiccantTask::Change->value => new Speech('change the desiccant', static fn (SeenTask $t): Saying => new Saying(
                'Change the desiccant in its jar',
                sprintf('It has taken most of what it will: with that in it the seed stops at %s, and %s or less is wanted. %s', Quantity::moisture($t->number('ends_at')), Quantity::moisture($t->number('enough')), DesiccantWords::again(DesiccantKind::from($t->text('kind')))),
            )),
            DesiccantTask::LookIn->value => new Speech('look into its jar', needs: ['hygrometer' => Speech::ONE], say: static fn (SeenTask $t): Saying => new Saying(
                'Take the desiccant out and read the jar after a day',
                $t->has('ends_at')
                    ? sprintf('By the reckoning it is at about %s now: weigh it or read its jar, and put it away. Left in, the desiccant takes it on to %s.', Quantity::moisture($t->number('enough')), Quantity::moisture($t->number('ends_at')))
                    : 'How far it is cannot be reckoned: its weight, its moisture or the weight of the desiccant is not known. With the desiccant in the air of the jar says nothing of the seed.',
            )),
        ];
    }
}
