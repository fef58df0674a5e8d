<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cellar;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Tubers, bulbs, cloves, crowns or slips in store were looked over: what is rotten was thrown out, the rest lies on. */
final readonly class KeptLookedOver implements Checked, Payload
{
    private const MOST = 100_000;

    /**
     * @param  ?int  $sound  firm and asleep; null where nobody counted them
     * @param  ?int  $shrunken  soft and wrinkled, but alive; null where nobody spoke of any
     * @param  ?int  $sprouted  before their time
     * @param  ?int  $rotten  thrown out
     */
    public function __construct(public ?int $sound, public ?int $shrunken = null, public ?int $sprouted = null, public ?int $rotten = null) {}

    public static function kind(): Kind
    {
        return Kind::of('kept_looked_over', Subject::Lot, 'Looked over in store')->act('Look over what is kept')->also('looked over in store', 'rotten in store')
            ->asks(
                Field::integer('sound', 'Sound', '', 0, self::MOST)->called('how many are sound')->optional()->hint('Firm, and asleep; left empty, nobody counted them'),
                Field::integer('rotten', 'Rotten, thrown out', '', 0, self::MOST)->called('how many were rotten')->optional(),
                Field::integer('shrunken', 'Shrunken', '', 0, self::MOST)->called('how many are shrunken')->optional(),
                Field::integer('sprouted', 'Sprouted', '', 0, self::MOST)->called('how many have sprouted')->optional(),
            )
            ->says('sound {sound}', 'rotten {rotten}', 'shrunken {shrunken}', 'sprouted {sprouted}');
    }

    /** What lies on; null where nobody counted the sound ones. */
    public function left(): ?int
    {
        return $this->sound === null ? null : $this->sound + ($this->shrunken ?? 0) + ($this->sprouted ?? 0);
    }

    public function rotted(): int
    {
        return $this->rotten ?? 0;
    }

    public function check(): void
    {
        if ($this->sound === null && $this->rotted() + ($this->shrunken ?? 0) + ($this->sprouted ?? 0) === 0) {
            throw Refused::at('sound', 'Say how many are sound, or how many were not.');
        }
    }
}
