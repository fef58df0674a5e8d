<?php

declare(strict_types=1);

/*
 * Six keepers who write without a pause: php writers.php URL LOT FILE. Each entry that was confirmed is a line in FILE; they
 * stop once it is gone. What is answered 503 is sent again, as the interface does.
 */

[, $url, $lot, $file] = $argv;
$log = fopen($file, 'a');
$multi = curl_multi_init();
$ids = [];
$send = static function (?string $again = null) use ($multi, $url, $lot, &$ids): void {
    $id = $again ?? sprintf('%08x-%04x-7%03x-8%03x-%012x', random_int(0, 0xFFFFFFFF), random_int(0, 0xFFFF), random_int(0, 0xFFF), random_int(0, 0xFFF), random_int(0, 0xFFFFFFFFFFFF));
    $handle = curl_init("$url/api/entries");
    curl_setopt_array($handle, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_TIMEOUT => 60,
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
        CURLOPT_POSTFIELDS => json_encode(['drafts' => [['id' => $id, 'about' => ['subject' => 'lot', 'id' => $lot], 'kind' => 'noted', 'happened_at' => '2026-09-10T10:00', 'payload' => ['text' => "Note $id"]]]]),
    ]);
    $ids[spl_object_id($handle)] = $id;
    curl_multi_add_handle($multi, $handle);
};
for ($i = 0; $i < 6; $i++) {
    $send();
}
do {
    curl_multi_exec($multi, $running);
    while ($done = curl_multi_info_read($multi)) {
        $handle = $done['handle'];
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $id = $ids[spl_object_id($handle)];
        if ($done['result'] === CURLE_OK && $status === 200) {
            fwrite($log, "$id\n");
        } elseif ($status !== 503) {
            fwrite($log, "! $status ".substr((string) curl_multi_getcontent($handle), 0, 300)."\n");
        }
        unset($ids[spl_object_id($handle)]);
        curl_multi_remove_handle($multi, $handle);
        clearstatcache();
        if (is_file($file)) {
            $send($status === 503 ? $id : null);
            $running++;
        }
    }
    curl_multi_select($multi, 0.01);
} while ($running > 0);
