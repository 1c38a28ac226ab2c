<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Models\User;
use App\Platform\Audit\AuditLog;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Once;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What every test of the app shares: pages as a browser shows them, forms as a browser sends them. */
abstract class AppTestCase extends TestCase
{
    /** Commands print; nothing mocks the console. */
    public $mockConsoleOutput = false;

    protected function setUp(): void
    {
        parent::setUp();
        AuditLog::runsInside(DB::transactionLevel());
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        // A request raises its own limits; here all of them share one process.
        set_time_limit(0);
        parent::tearDown();
        Once::flush();
    }

    /**
     * A page as a browser shows it: any run of blanks and line ends is one blank.
     *
     * @param  \Symfony\Component\HttpFoundation\Response  $response
     * @param  \Illuminate\Http\Request  $request
     */
    protected function createTestResponse($response, $request): TestResponse
    {
        $html = $response->getContent();
        if (is_string($html) && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
            $response->setContent((string) preg_replace('/\s+/u', ' ', $html));
        }

        return parent::createTestResponse($response, $request);
    }

    /** A request remembers nothing of the one before it. */
    public function call(
        $method,
        $uri,
        $parameters = [],
        $cookies = [],
        $files = [],
        $server = [],
        $content = null,
    ): TestResponse {
        Once::flush();

        return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
    }

    /** @param  array<string, mixed>  $data */
    protected function send(string $path, array $data = [], ?User $as = null, string $method = 'POST'): TestResponse
    {
        $answer = $this->actingAs($as ?? $this->usualSender())->call(
            $method,
            $path,
            $data + ['_once' => (string) Str::uuid()],
        );
        self::assertNotSame(500, $answer->status(), (string) $answer->exception?->getMessage());

        return $answer;
    }

    /** Who sends a form where a test names nobody. */
    abstract protected function usualSender(): User;
}
