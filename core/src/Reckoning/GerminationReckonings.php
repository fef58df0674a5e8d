<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\GerminationSpeed;
use Marrow\Core\Germination\ReplicateAgreement;

final class GerminationReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::rate(), self::replicates(), self::speed()];
    }

    private static function rate(): Reckoning
    {
        return new Reckoning(
            'germination.rate',
            'What does my germination test say about the whole lot?',
            [
                Input::integer('germinated', 'normal seedlings', 'seeds', 0, 1_000_000),
                Input::integer('sown', 'seeds set to germinate', 'seeds', 1, 1_000_000),
                Input::share('confidence', 'how sure the interval is to hold the true share', 0.5, 0.9999)->optional(0.95),
            ],
            [
                new Output('rate', 'share', 'share that germinated'),
                new Output('low', 'share', 'lower limit'),
                new Output('high', 'share', 'upper limit'),
            ],
            'Wilson score interval (Wilson 1927).',
            static function (Inputs $in): array {
                $share = GerminationShare::of($in->integer('germinated'), $in->integer('sown'));
                $interval = $share->interval($in->number('confidence'));

                return ['rate' => $share->rate(), 'low' => $interval->low, 'high' => $interval->high];
            },
        );
    }

    private static function replicates(): Reckoning
    {
        return new Reckoning(
            'germination.replicates',
            'Do my dishes or rolls agree with one another?',
            [
                Input::integers('germinated', 'normal seedlings in each replicate', 'seeds', 0, 1_000_000),
                Input::integer('sown', 'seeds in each replicate', 'seeds', 1, 1_000_000),
            ],
            [
                new Output('rate', 'share', 'share that germinated, over all'),
                new Output('chi_square', '', 'χ² of the differences'),
                new Output('p', 'share', 'chance of differences at least as large'),
                new Output('agree', '', 'whether the replicates agree'),
            ],
            'χ² test of homogeneity, df = replicates − 1; they agree when p ≥ 0.025.',
            static function (Inputs $in): array {
                $agreement = ReplicateAgreement::of($in->integers('germinated'), $in->integer('sown'));

                return [
                    'rate' => $agreement->rate,
                    'chi_square' => $agreement->chiSquare,
                    'p' => $agreement->p,
                    'agree' => $agreement->agree,
                ];
            },
        );
    }

    private static function speed(): Reckoning
    {
        return new Reckoning(
            'germination.speed',
            'How fast did it come up?',
            [
                Input::numbers('days', 'day of each count', 'days', 0, 3650),
                Input::integers('counts', 'seedlings new at each count', 'seedlings', 0, 1_000_000),
            ],
            [
                new Output('total', 'seedlings', 'germinated in all'),
                new Output('mean_days', 'days', 'mean time to germinate'),
                new Output('t50', 'days', 'half had come up by'),
                new Output('index', 'seedlings per day', 'speed index'),
            ],
            'Mean time Σnt/Σn; T50 by linear interpolation (Farooq et al. 2005); index Σn/t (AOSA).',
            static function (Inputs $in): array {
                $speed = GerminationSpeed::of($in->numbers('days'), $in->integers('counts'));

                return [
                    'total' => $speed->total,
                    'mean_days' => $speed->meanDays,
                    't50' => $speed->t50,
                    'index' => $speed->index,
                ];
            },
        );
    }
}
