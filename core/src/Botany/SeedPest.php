<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** An animal that eats the seed, and the cold that ends it. */
final readonly class SeedPest
{
    /**
     * @param  bool  $breedsInStore  whether it goes on from seed to seed in a jar
     * @param  ?float  $freezeAt  °C; null where freezing is not the way
     * @param  ?int  $freezeDays  in a closed jar, thawed shut
     * @param  ?float  $freezeBelow  per cent moisture above which freezing harms the seed itself
     */
    private function __construct(
        public string $name,
        public bool $breedsInStore,
        public ?float $freezeAt,
        public ?int $freezeDays,
        public ?float $freezeBelow,
        public ?string $note,
    ) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f, string $at): self
    {
        $freezes = $f->has("$at.freeze");

        return new self(
            $f->text("$at.name"),
            $f->flag("$at.breeds_in_store"),
            $freezes ? $f->number("$at.freeze.temperature", -40, 0) : null,
            $freezes ? $f->whole("$at.freeze.days", 1, 60) : null,
            $freezes ? $f->number("$at.freeze.moisture", 5, 16) : null,
            $f->textOr("$at.note", null),
        );
    }
}
