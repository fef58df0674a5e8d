<?php

declare(strict_types=1);

namespace App\Works;

/** Whether files were written since somebody looked, told without opening them. */
final class Written
{
    private string $seen = '';

    /** s */
    private float $looked = 0.0;

    /** @param  float  $atLeast  s after which they count as written all the same */
    public function __construct(private readonly float $atLeast) {}

    /**
     * Remembers how they stand.
     *
     * @param  list<string>  $files  that may not be there
     * @param  float  $now  s
     */
    public function since(array $files, float $now): bool
    {
        clearstatcache();
        $stand = '';
        $last = 0;
        foreach ($files as $file) {
            $at = (int) @filemtime($file);
            $last = max($last, $at);
            $stand .= $at.' '.@filesize($file).' ';
        }
        // Their times are told in whole seconds, and what is written over is as long as it was: of what happened within the
        // second in which they were looked at, nobody can tell.
        $isSure = $this->looked >= $last + 1;
        if ($stand === $this->seen && $isSure && $now - $this->looked < $this->atLeast) {
            return false;
        }
        $this->seen = $stand;
        $this->looked = $now;

        return true;
    }
}
