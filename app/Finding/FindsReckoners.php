<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Words\ReckonerWords;
use Marrow\Core\Reckoning\Reckoning;
use Marrow\Core\Reckoning\Registry;

/** Quick reckoners, by what one wants to know. */
final readonly class FindsReckoners implements Finds
{
    private const MOST = 5;

    public function __construct(private Registry $registry) {}

    public function find(Sought $sought): array
    {
        $found = array_values(array_filter(
            $this->registry->all(),
            static fn (Reckoning $reckoning): bool => ReckonerWords::isForTheBench($reckoning) && $sought->isIn($reckoning->question, $reckoning->also, str_replace(['.', '_'], ' ', $reckoning->name)),
        ));

        return array_map(
            static fn (Reckoning $reckoning): FoundDocument => FoundDocument::page('reckoner', $reckoning->name, $reckoning->question, 'quick reckoner'),
            array_slice($found, 0, self::MOST),
        );
    }
}
