<?php

declare(strict_types=1);

namespace App\Platform\Idempotency;

use App\Accounts\Models\DeviceToken;
use App\Accounts\Models\User;
use App\Platform\Database\TransactionRetrier;
use App\Platform\Errors\ProblemDetails;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Handles a device's request once per idempotency key; a repeat gets the first response. A refused request frees its
 * key.
 */
final class EnforceIdempotencyKey
{
    public const HEADER = 'Idempotency-Key';

    private const KEY = '/^[\x21-\x7e]{8,64}$/';

    private const KEEP_DAYS = 14;

    private const PRUNE_ONE_IN = 500;

    public function handle(Request $request, Closure $next): Response
    {
        $key = (string) $request->header(self::HEADER);
        if (preg_match(self::KEY, $key) !== 1) {
            return ProblemDetails::of(400, 'No key', self::HEADER.' is missing or not one; allowed: '
                .'8 to 64 signs without '
                .'blanks, another for everything that is another thing.');
        }
        /** @var User $user */
        $user = $request->user();
        /** @var DeviceToken $token */
        $token = $user->currentAccessToken();
        $mine = ['token_id' => $token->id, 'key' => $key];
        $asked = hash('sha256', $request->path()."\n".$request->getContent());

        return TransactionRetrier::of(
            fn (): Response => $this->work($mine, $asked, fn (): Response => $next($request)),
            fn (Response $answer): bool => $answer->isSuccessful(),
            true,
            fn (): null => null,
        ) ?? ProblemDetails::of(503, 'Somebody is writing there', 'Nothing was done; send it again.', [], [
            'Retry-After' => 1,
        ]);
    }

    /**
     * @param  array{token_id: int, key: string}  $mine
     * @param  Closure(): Response  $next
     */
    private function work(array $mine, string $asked, Closure $next): Response
    {
        $now = CarbonImmutable::now('UTC')->format('Y-m-d H:i:s.v');
        if ($this->answers()->insertOrIgnore($mine + ['asked' => $asked, 'at' => $now]) === 0) {
            return $this->asBefore($mine, $asked);
        }
        $answer = $next();
        if ($answer->isSuccessful()) {
            $this->answers()->where($mine)->update([
                'status' => $answer->getStatusCode(),
                'body' => (string) $answer->getContent(),
            ]);
        }
        if (random_int(1, self::PRUNE_ONE_IN) === 1) {
            $old = CarbonImmutable::now('UTC')->subDays(self::KEEP_DAYS)->format('Y-m-d H:i:s.v');
            $this->answers()->where('at', '<', $old)->delete();
        }

        return $answer;
    }

    /** @param  array{token_id: int, key: string}  $mine */
    private function asBefore(array $mine, string $asked): Response
    {
        $before = $this->answers()->where($mine)->first();
        abort_if($before === null, 503);

        return $before->asked === $asked
            ? JsonResponse::fromJsonString((string) $before->body, (int) $before->status)
            : ProblemDetails::of(422, 'Another thing under the same key', self::HEADER
                .' was used before for something else; '
                .'allowed: a key for each thing that is sent.');
    }

    private function answers(): Builder
    {
        return DB::table('idempotent_responses');
    }
}
