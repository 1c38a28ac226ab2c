<?php

declare(strict_types=1);

namespace App\Release\Http\Controllers;

use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use App\Release\Models\RecordLink;
use App\Release\Queries\JobRecord;
use App\Release\ViewModels\Certificate;
use App\Release\ViewModels\CertificatePdf;
use Illuminate\Http\Response;

/** The customer's copy of a record behind an unguessable URL: certificate and PDF only. */
final class CustomerRecordController
{
    public function sheet(string $secret): Response
    {
        $link = $this->link($secret);
        RecordLink::query()->whereKey($link->id)->update([
            'opened' => $link->opened + 1, 'opened_at' => ShopClock::now()->format('Y-m-d H:i:s.v'),
        ]);

        return $this->hidden(response()->view('release.customer', [
            'sheet' => $this->read($link),
            'pdf' => "/r/{$secret}/record.pdf",
        ]));
    }

    public function pdf(string $secret): Response
    {
        $link = $this->link($secret);

        return $this->hidden(RecordController::file(CertificatePdf::of($this->read($link)), $link->job->number));
    }

    private function link(string $secret): RecordLink
    {
        return RecordLink::query()->with('job')->where('mark', RecordLink::markOf($secret))
            ->whereNull('withdrawn_at')->first() ?? abort(404);
    }

    private function read(RecordLink $link): Certificate
    {
        return Certificate::of(JobRecord::of($link->job)->releasedOnly(), new Units($link->unit_system));
    }

    /** No search finds it, no page it leads to learns of it, nothing on the way keeps it. */
    private function hidden(Response $answer): Response
    {
        $answer->headers->set('X-Robots-Tag', 'noindex, nofollow');
        $answer->headers->set('Referrer-Policy', 'no-referrer');
        $answer->headers->set('Cache-Control', 'no-store, private');

        return $answer;
    }
}
