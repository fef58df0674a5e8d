<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/**
 * What moisture the seed of some vegetables was measured to settle to, at about 25 °C: Harrington 1960, in Justice & Bass,
 * Principles and Practices of Seed Storage (USDA Agriculture Handbook 506), 1978.
 */
final class MeasuredBalances
{
    /** Relative humidities at which was measured, shares. */
    public const RH = [0.10, 0.20, 0.30, 0.45, 0.60, 0.75];

    public const TEMPERATURE = 25.0;

    /** The middle of all of them, as ratios to the equation: for seed that is kin to none. */
    public const USUAL = [0.799, 0.835, 0.832, 0.799, 0.777, 0.808];

    /** @var array<string, array{float, list<float>}> oil, share of dry mass, and per cent of wet mass at each humidity; by species */
    public const WET = [
        'Vicia faba' => [0.015, [4.2, 5.8, 7.2, 9.3, 11.1, 14.5]],
        'Phaseolus vulgaris' => [0.015, [3.0, 4.8, 6.8, 9.4, 12.0, 15.0]],
        'Phaseolus lunatus' => [0.015, [4.6, 6.6, 7.7, 9.2, 11.0, 13.8]],
        'Beta vulgaris' => [0.05, [2.1, 4.0, 5.8, 7.6, 9.4, 11.2]],
        'Brassica oleracea' => [0.38, [3.2, 4.6, 5.4, 6.4, 7.6, 9.6]],
        'Daucus carota' => [0.2, [4.5, 5.9, 6.8, 7.9, 9.2, 11.6]],
        'Apium graveolens' => [0.2, [5.8, 7.0, 7.8, 9.0, 10.4, 12.4]],
        'Zea mays' => [0.05, [3.8, 5.8, 7.0, 9.0, 10.6, 12.8]],
        'Cucumis sativus' => [0.35, [2.6, 4.3, 5.6, 7.1, 8.4, 10.1]],
        'Solanum melongena' => [0.2, [3.1, 4.9, 6.3, 8.0, 9.8, 11.9]],
        'Lactuca sativa' => [0.35, [2.8, 4.2, 5.1, 5.9, 7.1, 9.6]],
        'Abelmoschus esculentus' => [0.18, [3.8, 7.2, 8.3, 10.0, 11.2, 13.1]],
        'Allium cepa' => [0.23, [4.6, 6.8, 8.0, 9.5, 11.2, 13.4]],
        'Allium fistulosum' => [0.23, [3.4, 5.1, 6.9, 9.4, 11.8, 14.0]],
        'Pastinaca sativa' => [0.2, [5.0, 6.1, 7.0, 8.2, 9.5, 11.2]],
        'Pisum sativum' => [0.02, [5.4, 7.3, 8.6, 10.1, 11.9, 15.0]],
        'Capsicum annuum' => [0.22, [2.8, 4.5, 6.0, 7.8, 9.2, 11.0]],
        'Raphanus sativus' => [0.38, [2.6, 3.8, 5.1, 6.8, 8.3, 10.2]],
        'Spinacia oleracea' => [0.05, [4.6, 6.5, 7.8, 9.5, 11.1, 13.2]],
        'Cucurbita maxima' => [0.4, [3.0, 4.3, 5.6, 7.4, 9.0, 10.8]],
        'Solanum lycopersicum' => [0.24, [3.2, 5.0, 6.3, 7.8, 9.2, 11.1]],
        'Brassica rapa' => [0.38, [2.6, 4.0, 5.1, 6.3, 7.4, 9.0]],
        'Brassica juncea' => [0.38, [1.8, 3.2, 4.6, 6.3, 7.8, 9.4]],
        'Citrullus lanatus' => [0.4, [3.0, 4.8, 6.1, 7.6, 8.8, 10.4]],
    ];
}
