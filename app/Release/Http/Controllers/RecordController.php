<?php

declare(strict_types=1);

namespace App\Release\Http\Controllers;

use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Presentation\Units;
use App\Release\Models\RecordLink;
use App\Release\Models\Supplement;
use App\Release\Queries\JobRecord;
use App\Release\ViewModels\Certificate;
use App\Release\ViewModels\CertificatePdf;
use App\Release\ViewModels\RecordCsv;
use App\Routing\Models\BatchEvent;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A job's record: the shop's, the customer's certificate, and open formats. */
final class RecordController
{
    use RequiresUser;

    /** Bytes of chance in an address nobody guesses. */
    private const SECRET_BYTES = 32;

    public function full(Job $job): View
    {
        $record = JobRecord::of($job);
        $moves = BatchEvent::query()->with(['user', 'batch.part.batches'])->where('job_id', $job->id)->orderBy('at')
            ->orderBy('id');
        $links = RecordLink::query()->with('user')->where('job_id', $job->id)->whereNull('withdrawn_at')->orderBy('id');

        return view('release.full', [
            'record' => $record,
            'sheet' => Certificate::of($record, Units::current()),
            'moves' => $moves->get(),
            'links' => $links->get(),
        ]);
    }

    public function sheet(Job $job): View
    {
        return view(
            'release.sheet',
            ['job' => $job, 'sheet' => Certificate::of(JobRecord::of($job), Units::current())],
        );
    }

    /** What goes along with the parts: how they are looked after. */
    public function care(Job $job): View
    {
        return view('release.care', ['job' => $job, 'sheet' => Certificate::of(JobRecord::of($job), Units::current())]);
    }

    public function pdf(Job $job): Response
    {
        return self::file(CertificatePdf::of(Certificate::of(JobRecord::of($job), Units::current())), $job->number);
    }

    /** The customer's sheet as it comes out of the printer. */
    public static function file(string $pdf, int $number): Response
    {
        return response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"record-{$number}.pdf\"",
        ]);
    }

    public function json(Job $job): JsonResponse
    {
        return response()->json(
            JobRecord::of($job)->open(),
            200,
            ['Content-Disposition' => "attachment; filename=\"record-{$job->number}.json\""],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_PRETTY_PRINT,
        );
    }

    public function readings(Job $job): Response
    {
        return $this->csv(RecordCsv::readings(JobRecord::of($job)), "readings-{$job->number}");
    }

    public function curves(Job $job): Response
    {
        return $this->csv(RecordCsv::curves(JobRecord::of($job)), "curves-{$job->number}");
    }

    /** What was found to be otherwise: beside the record, dated, never in it. */
    public function supplement(Request $request, Job $job): RedirectResponse
    {
        $in = $request->validate(['wording' => ['required', 'string', 'max:1000']], [
            'wording.required' => 'Supplement is empty; write what is otherwise than the record says.',
            'wording.max' => 'Supplement is too long; allowed: up to 1000 characters.',
        ]);
        $record = JobRecord::of($job);
        if ($record->digest() === null) {
            throw ValidationException::withMessages([
                'wording' => 'Nothing of it is released yet: what is wrong in it is put right where it stands.',
            ]);
        }
        $wording = trim($in['wording']);
        Supplement::query()->create([
            'job_id' => $job->id,
            'wording' => $wording,
            'digest' => $record->supplement($wording),
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);

        return redirect("/jobs/{$job->id}/record")->with('said', 'Added; the record itself stays as it was.');
    }

    /** An address the customer reads the sheet under: shown once, kept nowhere. */
    public function link(Request $request, Job $job): RedirectResponse
    {
        if (JobRecord::of($job)->digest() === null) {
            throw ValidationException::withMessages([
                'link' => 'Nothing of it is released yet; there is no record to show.',
            ]);
        }
        $secret = rtrim(strtr(base64_encode(random_bytes(self::SECRET_BYTES)), '+/', '-_'), '=');
        RecordLink::query()->create([
            'job_id' => $job->id,
            'mark' => RecordLink::markOf($secret),
            'unit_system' => Units::current()->system,
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);

        return redirect("/jobs/{$job->id}/record")
            ->with('said', 'Here is the address; it is shown this once.')
            ->with('link', url("/r/{$secret}"));
    }

    public function withdrawLink(Request $request, RecordLink $recordLink): RedirectResponse
    {
        $recordLink->withdraw($this->person($request), ShopClock::now());

        return redirect("/jobs/{$recordLink->job_id}/record")->with('said', 'That address shows nothing any more.');
    }

    private function csv(string $text, string $name): Response
    {
        return response($text, 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="'.Str::slug($name).'.csv"',
        ]);
    }
}
