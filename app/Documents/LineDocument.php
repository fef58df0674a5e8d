<?php

declare(strict_types=1);

namespace App\Documents;

use App\Words\LineWords;
use Marrow\Core\Selection\LineStanding;
use OpenApi\Attributes as OA;

/** How true a lot is, and what that rests on. */
#[OA\Schema]
final readonly class LineDocument
{
    /** @param  list<string>  $reasons  sentences */
    public function __construct(
        #[OA\Property]
        public string $says,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $reasons,
    ) {}

    public static function of(LineStanding $line): self
    {
        return new self(LineWords::sentence($line), LineWords::reasons($line));
    }
}
