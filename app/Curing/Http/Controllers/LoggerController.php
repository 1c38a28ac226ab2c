<?php

declare(strict_types=1);

namespace App\Curing\Http\Controllers;

use Aenum\Core\Loggers\LoggerFile;
use App\Catalog\Models\Oven;
use App\Curing\Commands\SaveOvenLog;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLog;
use App\Curing\Queries\BakeModelFactory;
use App\Curing\Queries\OvenLogs;
use App\Curing\Simulated\SimulatedLogger;
use App\Platform\Clock\ShopClock;
use App\Platform\Demo\SimulatedDevices;
use App\Platform\Http\Controllers\RequiresUser;
use Generator;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** Logger files of a bake, and calibrating the oven from them. */
final class LoggerController
{
    use RequiresUser;

    private const PIECE_BYTES = 65_536;

    public function keep(Request $request, OvenLoad $bake, SaveOvenLog $keep): RedirectResponse
    {
        $in = $request->validate(
            ['begins' => ['nullable', 'numeric', 'between:-120,1440'], 'simulated' => ['nullable', 'boolean']],
            ['begins.*' => 'Begins is not a time; allowed: −120 to 1440 min after the door shut.'],
        );
        if (! empty($in['simulated'])) {
            SimulatedDevices::orNone();
            $minutes =
                $bake->shut_at !== null && $bake->pulled_at !== null
                    ? $bake->shut_at->diffInMilliseconds($bake->pulled_at) / 60000
                    : 0.0;
            $keep(
                $bake,
                (new SimulatedLogger(BakeModelFactory::from($bake)))->file(60 * max(1.0, $minutes)),
                'simulated logger',
                0,
                $this->person($request),
            );
        } else {
            $file = $request->file('log');
            if (! ($file instanceof UploadedFile) || ! $file->isValid() || $file->getSize() > LoggerFile::MOST_BYTES) {
                throw ValidationException::withMessages([
                    'log' => 'No logger file came along; pick one, CSV up to 20 MB.',
                ]);
            }
            $keep(
                $bake,
                self::pieces($file),
                $file->getClientOriginalName(),
                (float) ($in['begins'] ?? 0),
                $this->person($request),
            );
        }

        return redirect("/bakes/{$bake->id}")->with('said', 'The logger is read.');
    }

    public function withdraw(Request $request, OvenLog $log): RedirectResponse
    {
        $log->withdraw($this->person($request), ShopClock::now());

        return redirect("/bakes/{$log->oven_load_id}")->with('said', 'That logger file is taken back.');
    }

    /** @return Generator<string> the file's bytes, never all of them at once */
    private static function pieces(UploadedFile $file): Generator
    {
        $stream = $file->openFile();
        while (! $stream->eof()) {
            yield (string) $stream->fread(self::PIECE_BYTES);
        }
    }

    /** Takes the figures the logged bakes give as the oven's own. */
    public function takeFit(Oven $oven): RedirectResponse
    {
        $logs = OvenLogs::of($oven);
        $fit = $logs->fit() ??
            throw ValidationException::withMessages(['fit' => 'No logged bake speaks of this oven yet.']);
        $oven->update(Oven::figuresOf($fit->oven) + ['calibration' => $logs->lesson($fit)->kept()]);

        return redirect("/ovens/{$oven->id}/edit")->with(
            'said',
            'The oven\'s figures are those of its logged bakes now; bakes hung from now on use them.',
        );
    }

    /** Goes back to the figures from before any log taught them. */
    public function forgetFit(Oven $oven): RedirectResponse
    {
        $taught = $oven->taught() ??
            throw ValidationException::withMessages(['fit' => 'No log has taught this oven anything.']);
        $oven->update($taught->was + ['calibration' => null]);

        return redirect("/ovens/{$oven->id}/edit")->with('said', 'The figures are as they were before the logs.');
    }
}
