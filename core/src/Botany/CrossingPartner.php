<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Another species with which a crop is known to cross. */
final readonly class CrossingPartner
{
    /**
     * @param  string  $latin  genus and epithet
     * @param  CrossStrength  $how  in a garden, where both bloom side by side
     * @param  string  $note  why it matters, in a short sentence
     * @param  ?CrossWay  $only  the role in which the crop crosses so; null for either
     * @param  ?Offspring  $offspring  null where what comes of it is fertile
     */
    public function __construct(
        public string $latin,
        public CrossStrength $how,
        public string $note,
        public ?CrossWay $only = null,
        public ?Offspring $offspring = null,
    ) {}
}
