<?php

declare(strict_types=1);

namespace App\Steps\Treating;

use App\Work\Saying;
use App\Work\Speech;
use App\Work\TaskVoice;
use Marrow\Core\Steps\Treating\TreatingTask;

final class TreatingVoice implements TaskVoice
{
    public function says(): array
    {
        return [
            TreatingTask::DryBathed->value => new Speech('spread to dry', needs: ['drying filter' => 1], say: static fn (): Saying => new Saying('Spread it to dry at once, one layer thick', 'It is wet from its bath: heaped, it heats and sprouts.')),
        ];
    }
}
