<?php

declare(strict_types=1);

namespace App\Documents;

use OpenApi\Attributes as OA;

/** What lets somebody in: a browser, an invitation, a token of a program. */
#[OA\Schema]
final readonly class PassDocument
{
    /**
     * @param  string  $what  what it is for, in words
     * @param  string  $made  when, in words
     * @param  string  $used  when last, in words; empty where never
     * @param  string  $ends  until when it stands, in words; empty for no end
     * @param  bool  $here  whether it is the one by which this was asked
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public string $made,
        #[OA\Property]
        public string $used,
        #[OA\Property]
        public string $ends,
        #[OA\Property]
        public bool $here = false,
    ) {}
}
