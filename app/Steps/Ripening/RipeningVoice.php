<?php

declare(strict_types=1);

namespace App\Steps\Ripening;

use App\Work\Saying;
use App\Work\SeenTask;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Botany\Shattering;
use Marrow\Core\Steps\Ripening\RipeningTask;

final class RipeningVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            RipeningTask::LookAgain->value => new Speech('look whether ripe', static fn (SeenTask $t): Saying => new Saying(
                $t->whole('passes') === 1 ? 'Go over it again for ripe seed' : 'Look again whether it is ripe'.($t->text('which') === '' ? '' : ': '.$t->text('which')),
                sprintf('%s.%s', rtrim($t->text('cue'), '.'), match (true) {
                    $t->whole('passes') === 1 => ' What has ripened since the last pass falls next.',
                    $t->whole('nearly') === 1 => ' Nearly ripe when it was last looked at.',
                    default => ' Not yet when it was last looked at.',
                }),
            )),
            RipeningTask::PickReady->value => new Speech('pick what is ready', static fn (SeenTask $t): Saying => new Saying(
                'Pick what is ready'.($t->text('which') === '' ? '' : ': '.$t->text('which')),
                match (true) {
                    $t->whole('sheds') === 1 => 'Ripe seed falls by itself: in the dew of the morning less of it does, a sheet or bag below.',
                    $t->whole('wet') === 1 => 'From several plants, the early before the late, and none that is sick.',
                    default => 'Dry, from several plants, the early before the late, and none that is sick.',
                },
            ), needs: ['paper bag' => 1, 'tag' => 1]),
            RipeningTask::Guard->value => new Speech('guard the heads', static fn (SeenTask $t): Saying => $t->text('how') === Shattering::Net->value
                ? new Saying('Net it against birds', 'They take the seed as it ripens; a net, or bags over the heads, before the first is ripe.')
                : new Saying('Tie its heads into bags', 'Ripe seed is off with the wind: gauze bags over the heads once they have faded.')),
        ];
    }
}
