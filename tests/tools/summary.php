<?php

declare(strict_types=1);

/*
 * What bin/test ran, all together, and the ten tests that took longest. Ends with 1 where anything failed or nothing ran.
 */
$from = dirname(__DIR__, 2).'/storage/framework';
$unit = simplexml_load_file("$from/phpunit.xml") ?: throw new RuntimeException('PHPUnit left no report.');
$read = static fn (string $file): array => json_decode((string) file_get_contents("$from/$file"), true, flags: JSON_THROW_ON_ERROR);
[$e2e, $ui] = [$read('e2e.json'), $read('vitest.json')];
$took = [];
foreach ($unit->xpath('//testcase') ?: [] as $case) {
    $took[basename(str_replace('\\', '/', (string) $case['class'])).'::'.$case['name']] = (float) $case['time'];
}
$gather = static function (array $suite) use (&$gather, &$took): void {
    foreach ($suite['specs'] ?? [] as $spec) {
        foreach ($spec['tests'] as $test) {
            $took["{$spec['file']}: {$spec['title']}"] = array_sum(array_column($test['results'], 'duration')) / 1000;
        }
    }
    array_map($gather, $suite['suites'] ?? []);
};
array_map($gather, $e2e['suites']);
arsort($took);
[$stats, $all] = [$e2e['stats'], $unit->testsuite];
$playwright = $stats['expected'] + $stats['unexpected'] + $stats['flaky'] + $stats['skipped'];
$failed = (int) $all['failures'] + (int) $all['errors'] + $ui['numFailedTests'] + $stats['unexpected'];
$skipped = (int) $all['skipped'] + $ui['numPendingTests'] + $stats['skipped'];
$ran = (int) $all['tests'] + $ui['numTotalTests'] + $playwright;
echo "The ten that took longest:\n";
foreach (array_slice($took, 0, 10) as $test => $seconds) {
    printf("%6.1f s  %s\n", $seconds, mb_strimwidth($test, 0, 110, '…'));
}
printf("PHPUnit ran %d tests, Vitest %d, Playwright %d.\n%d passed, %d failed, %d skipped\n", $all['tests'], $ui['numTotalTests'], $playwright, $ran - $failed - $skipped, $failed, $skipped);
if ($stats['flaky'] > 0) {
    echo "Playwright: {$stats['flaky']} passed only when tried again; the list above marks them.\n";
}
exit($failed === 0 && $ran > 0 ? 0 : 1);
