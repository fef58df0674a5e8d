<?php

declare(strict_types=1);

namespace App\Reckoners;

/** What a result means for the person who asked: what to do, why, and how far to trust it. */
final readonly class Judgement
{
    /**
     * @param  string  $sentence  one line, what it is and what to do
     * @param  string  $because  the reason
     * @param  string  $sure  how sure it is
     * @param  ?string  $beside  where a rule of thumb stands beside a model: what the other one says, and why they differ
     * @param  list<string>  $cautions
     */
    public function __construct(
        public string $sentence,
        public string $because,
        public string $sure,
        public ?string $beside = null,
        public array $cautions = [],
    ) {}
}
