<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Which plants to take seed from. */
final readonly class Selection
{
    /**
     * @param  list<SelectionLook>  $looks  in the order of the year
     * @param  ?string  $offTypes  what does not belong in the row
     * @param  bool  $boltersOut  whether the first to bolt are pulled
     */
    public function __construct(public array $looks, public ?string $offTypes, public bool $boltersOut) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f): ?self
    {
        if (! $f->has('selection')) {
            return null;
        }
        $looks = [];
        foreach (array_keys($f->list('selection.looks')) as $i) {
            $looks[] = new SelectionLook($f->one("selection.looks.$i.when", LookTime::tryFrom(...)), $f->text("selection.looks.$i.look"));
        }

        return new self($looks, $f->textOr('selection.off_types', null), $f->flag('selection.bolters_out'));
    }
}
