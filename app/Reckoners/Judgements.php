<?php

declare(strict_types=1);

namespace App\Reckoners;

use Marrow\Core\Reckoning\Reckoning;

/** The sentence that goes with every reckoning. */
final readonly class Judgements
{
    /** @param  iterable<Judges>  $judges  found by the tag 'judgements' */
    public function __construct(private iterable $judges) {}

    public function of(Asked $asked): Judgement
    {
        return $this->judge($asked->name)->of($asked);
    }

    /** The step of the work in which the question comes up. */
    public function family(Reckoning $reckoning): string
    {
        return $this->judge($reckoning->name)::families()[self::prefix($reckoning->name)];
    }

    private function judge(string $name): Judges
    {
        foreach ($this->judges as $judge) {
            if (isset($judge::families()[self::prefix($name)])) {
                return $judge;
            }
        }

        throw new \LogicException("No judgement for $name.");
    }

    private static function prefix(string $name): string
    {
        return explode('.', $name)[0];
    }
}
