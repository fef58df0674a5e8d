<?php

declare(strict_types=1);

namespace App\Steps\Drying;

use App\Voice\Quantity;
use App\Words\DryingWords;
use App\Words\PestWords;
use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Drying\DryingTask;

final class DryingVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            DryingTask::SpreadWet->value => new Speech('spread to dry', needs: ['drying filter' => 1], say: static fn (): Saying => new Saying('Spread it to dry, one layer thick', 'Wet seed heaped overnight heats and sprouts; thin and in moving air it is dry to the touch in two days.')),
            DryingTask::SpreadDry->value => new Speech('spread to dry', needs: ['drying tray' => 1], say: static fn (): Saying => new Saying('Put it on the racks to dry', 'Threshed seed feels dry and is not: a week or two in moving air brings it down.')),
            DryingTask::SowFresh->value => new Speech('sow at once', static fn (SeenTask $t): Saying => new Saying(
                'Sow it at once; until then keep it damp and cool',
                $t->crop()->damp === null
                    ? sprintf('%s dies when it dries: no rack, no jar. It is at its best for about %s after picking.', $t->crop()->name, Quantity::number($t->whole('days'), 'day'))
                    : sprintf('%s dies when it dries: no rack, no jar. In %s at %s to %s it lives for about %s after picking.', $t->crop()->name, lcfirst($t->crop()->damp->medium), Quantity::temperature($t->crop()->damp->temperature[0]), Quantity::temperature($t->crop()->damp->temperature[1]), Quantity::number($t->whole('days'), 'day')),
            )),
            DryingTask::Cure->value => new Speech('put in store', static fn (SeenTask $t): Saying => new Saying(
                $t->isAhead() ? 'Let it cure, then put it in store' : 'Put it in store',
                ($t->crop()->vegetative?->cure === null ? 'It is kept alive: no rack, no jar.' : "Curing: {$t->crop()->vegetative->cure}."),
            )),
            DryingTask::Weigh->value => new Speech('weigh', static fn (SeenTask $t): Saying => new Saying('Weigh it '.($t->when->daysTo($t->best) > 0 ? $t->when->day($t->best) : 'again'), self::weigh($t))),
            DryingTask::Stopped->value => new Speech('stopped drying', static fn (SeenTask $t): Saying => new Saying(
                'Dry it somewhere drier, or put it into paper',
                DryingWords::stopped($t->crop(), $t->number('moisture')).' '.self::wayOut($t, $t->number('moisture')),
            )),
            DryingTask::TooDampHere->value => new Speech('too damp to dry', static fn (SeenTask $t): Saying => new Saying(
                'Dry it somewhere drier, or on with gel',
                sprintf('At %s RH %s stops at %s; %s or less is wanted for a jar. %s', Quantity::percent($t->number('rh')), $t->text('place') === '' ? 'this room' : $t->text('place'), Quantity::moisture($t->number('stops_at')), Quantity::moisture($t->number('jar_moisture')), self::wayOut($t, $t->number('stops_at'))),
            )),
            DryingTask::TryByHand->value => new Speech('try by hand', static fn (SeenTask $t): Saying => new Saying(
                'Try it by hand',
                trim(sprintf('%s. The hand tells damp from dry, and hardly dry from dry enough. %s', $t->crop()->drynessSign, self::soon($t))),
            )),
            DryingTask::ReadCard->value => new Speech('read a card', needs: ['indicator card' => Speech::ONE], say: static fn (SeenTask $t): Saying => new Saying(
                'Close it in a jar with a card for a day, and read that',
                trim(sprintf('A card says how damp the air is that the seed makes: 35 %% or less is dry enough. %s', self::soon($t))),
            )),
            DryingTask::DryByHand->value => new Speech('dry by hand', static fn (SeenTask $t): Saying => new Saying(
                'Into paper, or into a closed jar for a day: look for mist',
                sprintf('By hand it is dry. That is enough for paper and cloth; whether it is for a jar (%s or less) no hand tells.', Quantity::moisture($t->number('jar_moisture'))),
            )),
            DryingTask::ReadJar->value => new Speech('read a jar', needs: ['hygrometer' => Speech::ONE], say: static fn (SeenTask $t): Saying => new Saying(
                'Close a sample in a jar with a hygrometer for a day',
                $t->has('by_way')
                    ? trim('Half full or more and evenly warm: the humidity it gives the air of the jar says how dry it is. '.self::soon($t))
                    : 'Its weight has stopped falling, so it is in balance with the room. Only the humidity it gives a closed jar says how dry that is.',
            )),
            DryingTask::PutAway->value => new Speech('put away', needs: ['storage jar' => 1, 'tag' => 2], say: static fn (SeenTask $t): Saying => new Saying(
                'Put it away',
                trim(sprintf('At %s it is dry enough to close in tight (%s or less is); left out, it takes up damp again. %s', Quantity::moisture($t->number('moisture')), Quantity::moisture($t->number('jar_moisture')), PestWords::inStore($t->crop()))),
            )),
        ];
    }

    private static function weigh(SeenTask $task): string
    {
        if ($task->has('target_mass')) {
            return trim(sprintf(
                'It was at %s; it may be jarred at %s, which is when it weighs %s. %s',
                Quantity::moisture($task->number('moisture')),
                Quantity::moisture($task->number('jar_moisture')),
                Quantity::grams($task->number('target_mass')),
                self::soon($task),
            ));
        }

        return $task->has('mass')
            ? sprintf('It weighed %s; when the weight stops falling it is as dry as the room will make it.', Quantity::grams($task->number('mass')))
            : 'A first weight gives the course something to fall from.';
    }

    private static function soon(SeenTask $task): string
    {
        return $task->has('dry_by') ? DryingWords::dryBy($task->day('dry_from'), $task->day('dry_by'), $task->has('dry_to') ? $task->day('dry_to') : null, $task->text('place') === '' ? null : $task->text('place'), $task->when) : '';
    }

    private static function wayOut(SeenTask $task, float $moisture): string
    {
        return DryingWords::wayOut($task->crop(), $moisture, $task->has('mass') ? $task->number('mass') : null, $task->has('has') ? [$task->text('has'), $task->number('has_g'), $task->number('has_blue') > 0.0, $task->has('has_sachet') ? $task->number('has_sachet') : null] : null);
    }
}
