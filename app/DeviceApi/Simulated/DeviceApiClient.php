<?php

declare(strict_types=1);

namespace App\DeviceApi\Simulated;

/** Calls the device API as a device would: with its token, and again under the same key where no answer came. */
final readonly class DeviceApiClient
{
    private const TRIES = 6;

    private const PAUSE_S = 2;

    private const TIMEOUT_S = 20;

    public function __construct(private string $url, private string $token)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws DeviceApiRefused
     */
    public function get(string $path): array
    {
        return $this->ask('GET', $path, null);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     *
     * @throws DeviceApiRefused
     */
    public function post(string $path, array $body): array
    {
        return $this->ask('POST', $path, $body);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array<string, mixed>
     */
    private function ask(string $method, string $path, ?array $body): array
    {
        $headers = ["Authorization: Bearer {$this->token}", 'Accept: application/json'];
        if ($body !== null) {
            array_push($headers, 'Content-Type: application/json', 'Idempotency-Key: '.bin2hex(random_bytes(16)));
        }
        for ($try = 1; ; $try++) {
            [$status, $text] = $this->once($method, "{$this->url}/api/{$path}", $headers, $body);
            $answer = json_decode($text, true);
            if ($status >= 200 && $status < 300 && is_array($answer)) {
                return $answer;
            }
            $goesAgain = $status === 0 || $status === 429 || $status >= 500;
            if (! $goesAgain || $try === self::TRIES) {
                throw new DeviceApiRefused($status === 0 ? "no answer from {$this->url}" : sprintf(
                    '%d %s',
                    $status,
                    is_array($answer) ? $answer['detail'] ?? '' : 'no JSON',
                ));
            }
            sleep(self::PAUSE_S);
        }
    }

    /**
     * @param  list<string>  $headers
     * @param  array<string, mixed>|null  $body
     * @return array{int, string} 0 where nothing was heard
     */
    private function once(string $method, string $url, array $headers, ?array $body): array
    {
        $curl = curl_init($url);
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method === '' ? 'GET' : $method,
            CURLOPT_HTTPHEADER => $headers,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => self::TIMEOUT_S,
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR)]));
        $text = curl_exec($curl);

        return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), is_string($text) ? $text : ''];
    }
}
