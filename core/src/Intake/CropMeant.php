<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

/** Which crop a text means: one, one that is only likely, or several that it may mean. */
final readonly class CropMeant
{
    /**
     * @param  ?string  $crop  key; null where nobody can say
     * @param  bool  $sure  whether it is one of the crop's own names, as it stands
     * @param  list<string>  $names  of the crops that it may mean, where it is not one
     */
    public function __construct(public ?string $crop, public bool $sure, public array $names = []) {}
}
