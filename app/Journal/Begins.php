<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Variety;
use Marrow\Core\Fields\Refused;

/** What begins with an entry: a planting of a variety, a lot of a planting or of a variety. */
final readonly class Begins
{
    /**
     * @param  ?string  $variety  id; a lot picked from a planting is of its variety
     * @param  ?string  $planting  id of the planting a lot is picked from
     * @param  ?string  $lot  id of the lot that it is set apart from
     */
    public function __construct(public ?string $variety = null, public ?string $planting = null, public string $spot = '', public ?string $lot = null) {}

    /** @throws Refused when there is none */
    public function variety(): Variety
    {
        return Variety::query()->find($this->variety ?? '')
            ?? throw Refused::at('variety', ($this->variety ?? '') === '' ? 'Choose the variety, or add it first.' : 'There is no such variety. Add it first.');
    }
}
