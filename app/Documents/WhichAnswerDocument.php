<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Botany\Crop;
use OpenApi\Attributes as OA;

/** An answer: it leads to a crop, or to the next question. */
#[OA\Schema]
final readonly class WhichAnswerDocument
{
    public function __construct(
        #[OA\Property]
        public string $say,
        #[OA\Property(description: 'key of the crop; null where a question follows')]
        public ?string $crop,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $latin,
        #[OA\Property(ref: SeedLookDocument::class, nullable: true)]
        public ?SeedLookDocument $look,
        #[OA\Property(ref: WhichQuestionDocument::class, nullable: true)]
        public ?WhichQuestionDocument $then,
    ) {}

    public static function crop(string $say, Crop $crop): self
    {
        return new self($say, $crop->key, $crop->name, $crop->latin, SeedLookDocument::of($crop->title()), null);
    }

    public static function question(string $say, WhichQuestionDocument $then): self
    {
        return new self($say, null, '', '', null, $then);
    }
}
