<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Devices\DoorCall;
use App\Support\BySchema;
use App\Support\Problem;
use App\Support\Waited;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/** What a device sends keeps to its schema before anything looks at it; what is older was done then. */
final class AsAsked
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var DoorCall $call */
        $call = $request->attributes->get('door_call');
        abort_if(strlen($request->getContent()) > DoorCall::MOST_BYTES, 413);
        $body = json_decode($request->getContent(), false, 32);
        if (! $body instanceof stdClass) {
            return Problem::of(400, 'Not JSON', 'The body is not a JSON object; allowed: one as its schema has it.');
        }
        if (! WholeText::isText(json_decode($request->getContent(), true, 32))) {
            return Problem::of(422, 'Not text', 'A value or a name in the body holds a NUL; allowed: text without.');
        }
        $wrong = BySchema::wrong($body, (string) $call->asks());
        if ($wrong !== []) {
            return Problem::of(422, 'Not as its schema has it', array_values($wrong)[0][0], $wrong);
        }
        $request->attributes->set('asked', json_decode($request->getContent(), true, 32));
        if (isset($body->at)) {
            $at = CarbonImmutable::parse($body->at, 'UTC')->utc();
            Waited::at($at, 'at');
        }

        return $next($request);
    }
}
