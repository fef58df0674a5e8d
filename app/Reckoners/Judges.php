<?php

declare(strict_types=1);

namespace App\Reckoners;

/** Says what some families of reckonings mean. */
interface Judges
{
    /** @return array<string, string> the step of the work in which its questions come up, by the first part of their names */
    public static function families(): array;

    public function of(Asked $asked): Judgement;
}
