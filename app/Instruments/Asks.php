<?php

declare(strict_types=1);

namespace App\Instruments;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Instruments\ScaleLine;
use Marrow\Core\Instruments\Unreadable;
use Marrow\Core\Settings\HostAddress;

/**
 * Asks instruments on the network. What is asked is the address that was set and no other: no redirect is followed, a name is
 * looked up once and that number is asked, an answer has a size and a time.
 */
final class Asks
{
    /** s; what is there answers at once. */
    private const PATIENCE = 3;

    private const WHOLE = 6;

    /** bytes of an answer */
    private const MOST = 524_288;

    /**
     * @return float g
     *
     * @throws Unreadable|Refused
     */
    public function scale(string $address): float
    {
        $at = DeviceAddress::of($address, InstrumentKind::Scale);
        $scale = @stream_socket_client("tcp://$at->host:$at->port", $code, $trouble, self::PATIENCE);
        if ($scale === false) {
            throw new Unreadable("The scale at $at->host:$at->port does not answer.");
        }
        stream_set_timeout($scale, self::PATIENCE);
        fwrite($scale, ScaleLine::ASK);
        $line = (string) fgets($scale, 200);
        fclose($scale);

        return ScaleLine::read($line);
    }

    /**
     * @return mixed as its JSON was read
     *
     * @throws Unreadable|Refused
     */
    public function web(string $address, InstrumentKind $kind): mixed
    {
        $at = DeviceAddress::of($address, $kind);
        $number = filter_var(trim($at->host, '[]'), FILTER_VALIDATE_IP) !== false ? trim($at->host, '[]') : gethostbyname($at->host);
        if (filter_var($number, FILTER_VALIDATE_IP) === false) {
            throw new Unreadable("Nobody knows where $at->host is.");
        }
        // Where a name leads may be where no instrument is.
        HostAddress::of((str_contains($number, ':') ? "[$number]" : $number).":$at->port", 'address', $kind->value);
        $answer = '';
        $ask = curl_init($at->url);
        curl_setopt_array($ask, [
            CURLOPT_FOLLOWLOCATION => false,
            CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS,
            CURLOPT_CONNECTTIMEOUT => self::PATIENCE,
            CURLOPT_TIMEOUT => self::WHOLE,
            CURLOPT_PROXY => '',
            CURLOPT_RESOLVE => [trim($at->host, '[]').":$at->port:$number"],
            CURLOPT_HTTPHEADER => ['Accept: application/json'],
            CURLOPT_WRITEFUNCTION => static function ($ask, string $some) use (&$answer): int {
                $answer .= $some;

                return strlen($answer) > self::MOST ? 0 : strlen($some);
            },
        ]);
        $done = curl_exec($ask);
        $status = curl_getinfo($ask, CURLINFO_RESPONSE_CODE);
        $code = curl_errno($ask);
        curl_close($ask);
        if (strlen($answer) > self::MOST) {
            throw new Unreadable('It answers more than an instrument has to say.');
        }
        if ($done === false) {
            throw new Unreadable($code === CURLE_OPERATION_TIMEDOUT ? 'It does not answer in time.' : 'It does not answer.');
        }
        if ($status !== 200) {
            throw new Unreadable(sprintf('It answers with %s, and no readings.', $status >= 300 && $status < 400 ? 'another address, which is not asked' : "the code $status"));
        }
        $read = json_decode($answer, true, 12);

        return $read ?? throw new Unreadable('What it answers is no JSON.');
    }
}
