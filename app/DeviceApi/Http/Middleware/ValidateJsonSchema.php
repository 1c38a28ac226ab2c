<?php

declare(strict_types=1);

namespace App\DeviceApi\Http\Middleware;

use App\DeviceApi\DeviceEndpoint;
use App\Platform\Clock\EffectiveTime;
use App\Platform\Errors\ProblemDetails;
use App\Platform\Validation\JsonSchemaValidator;
use App\Platform\Validation\PlainText;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/** Validates a device's request against its schema; sets the effective time of old samples. */
final class ValidateJsonSchema
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var DeviceEndpoint $call */
        $call = $request->attributes->get('door_call');
        abort_if(strlen($request->getContent()) > DeviceEndpoint::MOST_BYTES, 413);
        $body = json_decode($request->getContent(), false, 32);
        if (! $body instanceof stdClass) {
            return ProblemDetails::of(
                400,
                'Not JSON',
                'The body is not a JSON object; allowed: one as its schema has it.',
            );
        }
        if (! PlainText::is(json_decode($request->getContent(), true, 32))) {
            return ProblemDetails::of(
                422,
                'Not text',
                'A value or a name in the body holds a NUL; allowed: text without.',
            );
        }
        $wrong = JsonSchemaValidator::wrong($body, (string) $call->asks());
        if ($wrong !== []) {
            return ProblemDetails::of(422, 'Not as its schema has it', array_values($wrong)[0][0], $wrong);
        }
        $request->attributes->set('asked', json_decode($request->getContent(), true, 32));
        if (isset($body->at)) {
            $at = CarbonImmutable::parse($body->at, 'UTC')->utc();
            EffectiveTime::at($at, 'at');
        }

        return $next($request);
    }
}
