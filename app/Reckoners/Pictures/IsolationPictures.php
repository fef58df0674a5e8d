<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use App\Voice\Quantity;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Isolation\IsolationPair;
use Marrow\Core\Reckoning\IsolationReckonings;

final readonly class IsolationPictures implements Draws
{
    public function __construct(private CropReference $crops) {}

    public static function families(): array
    {
        return ['isolation'];
    }

    /** None where there is no crossing to be seen: a flat line says less than the sentence. */
    public function of(Asked $asked): ?Picture
    {
        if ($asked->name !== 'isolation.pair' || $asked->figure('share') <= 0.0) {
            return null;
        }
        $kept = $this->crops->get($asked->in->text('crop'));
        $source = $asked->in->has('source') ? $this->crops->get($asked->in->text('source')) : $kept;
        $share = static fn (float $distance): float => IsolationPair::of(
            $kept,
            $source,
            IsolationReckonings::path($asked->in, $distance),
            IsolationReckonings::setting($asked->in),
        )->share;
        $units = $asked->units;
        $distance = $asked->in->number('distance');
        $to = max($asked->figure('needed_distance'), min($distance, 5 * $asked->figure('needed_distance'))) * 1.2;
        $here = static fn (float $metres): float => $units->fromCore('m', $metres);
        $allowed = $asked->in->number('allowed');

        return new Picture(
            sprintf('Expected share of crossed seed by distance: %s where they stand.', Quantity::percent($asked->figure('share'))),
            new Axis('apart', $units->unit('m'), 0, $here($to)),
            new Axis('crossed seed', '%', 0, max($share(0.0), $allowed * 1.5)),
            array_map(static fn (array $point): array => [$here($point[0]), $point[1]], Picture::sample(0, $to, $share)),
            dots: $distance <= $to ? [[$here($distance), $asked->figure('share')]] : [],
            marks: [
                new Mark('y', $allowed, Quantity::percent($allowed).' put up with', true),
                new Mark('x', $here($asked->figure('needed_distance')), 'distance to keep'),
            ],
        );
    }
}
