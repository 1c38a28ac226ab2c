<?php

declare(strict_types=1);

namespace Aenum\Core\Blast;

use Aenum\Core\Metal\MetalCatalogue;
use Aenum\Core\Rule\Facts\BlastFacts;
use Aenum\Core\Rule\Facts\JobFacts;
use Aenum\Core\Rule\Finding;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\RuleBook;
use Aenum\Core\Rule\Severity;

/** Every medium for one part: why, and why not. The rules say what must not be; the rest is how well it does the work. */
final readonly class MediaChoice
{
    /** Sheet thinner than this bows under coarse hard grain, mm. House figure. */
    public const THIN_MM = 1.6;

    /** @param  list<string>  $why */
    private function __construct(public string $media, public bool $allowed, public float $score, public array $why)
    {
    }

    /**
     * @param  list<string>  $onIt  what the blast must take off
     * @return list<self> the best first, the forbidden last
     */
    public static function rank(JobFacts $facts, array $onIt, float $bar): array
    {
        $anyway = array_map(fn (Finding $finding): string => $finding->rule->key(), self::findings($facts, null));
        $all = array_map(fn (string $media): self => self::judge($media, $facts, $onIt, $bar, $anyway), MediaCatalogue::keys());
        usort($all, fn (self $a, self $b): int => [$b->allowed, $b->score] <=> [$a->allowed, $a->score]);

        return $all;
    }

    /**
     * @param  list<string>  $onIt
     * @param  list<string>  $anyway  rules that fire whatever the medium
     */
    private static function judge(string $media, JobFacts $facts, array $onIt, float $bar, array $anyway): self
    {
        $rz = BlastPlan::rz($media, $facts->part->metal, $bar);
        $why = [];
        $allowed = true;
        foreach (self::findings($facts, new BlastFacts($media, $bar, $rz)) as $finding) {
            if (in_array($finding->rule->key(), $anyway, true)) {
                continue;
            }
            $allowed = $allowed && $finding->rule->severity() !== Severity::Stop;
            $why[] = ucfirst($finding->evidence).'. '.$finding->rule->reason();
        }
        $stays = array_values(array_filter($onIt, fn (string $on): bool => ! MediaCatalogue::takesOff($media, $on)));
        $film = $facts->filmMicrons();
        // A film wants teeth of about a quarter of its thickness: under a tenth it slides, over a third the peaks come through.
        $bite = $film > 0 ? $rz / $film : $rz / 70;
        $score = MediaCatalogue::rate($media) * ($stays === [] ? 1 : 0.2) * ($bite < 0.1 ? 0.4 : ($bite > 1 / 3 ? 0.6 : 1.0)) * (1 - 0.15 / MediaCatalogue::cycles($media));
        $wall = self::wallMm($facts);
        if ($wall !== null && $wall < self::THIN_MM && MediaCatalogue::isHard($media) && ! MediaCatalogue::isFine($media)) {
            $score *= 0.5;
            $why[] = sprintf('At a mean wall of %.1f mm coarse grain bows it: finer, at 3 bar and less, further off.', $wall);
        }
        if ($stays !== []) {
            $why[] = 'It does not take '.str_replace('_', ' ', implode(', ', $stays)).' off.';
        }
        if ($allowed) {
            $why[] = sprintf('Leaves about %.0f µm of profile: %s.', $rz, $bite < 0.1 ? 'little for the film to hold to' : ($bite > 1 / 3 ? 'peaks near the top of the film, so two coats or a finer grain' : 'right for the film planned'));
            $why[] = sprintf('Cleans at %.0f %% of aluminium oxide; a grain lasts about %s.', 100 * MediaCatalogue::rate($media), MediaCatalogue::cycles($media) <= 1.5 ? 'one use' : sprintf('%.0f uses', MediaCatalogue::cycles($media)));
        }

        return new self($media, $allowed, $score, $why);
    }

    /** Mean wall of the part, mm, from its weight and skin; null where one of them is not known. */
    public static function wallMm(JobFacts $facts): ?float
    {
        $part = $facts->part;
        $density = in_array($part->metal, MetalCatalogue::keys(), true) ? MetalCatalogue::get($part->metal)->densityKgPerM3 : null;

        return $part->massKg === null || $part->areaM2 === null || $density === null ? null : 2000 * $part->massKg / ($density * $part->areaM2);
    }

    /** @return list<Finding> what the rules on metals and processes say of a part blasted so */
    private static function findings(JobFacts $facts, ?BlastFacts $blast): array
    {
        $findings = RuleBook::judge(new Plan(new JobFacts($facts->part, $facts->where, $facts->coats, $blast, $facts->equipment, $facts->house, $facts->humidityPct, []), []));

        return array_values(array_filter($findings, fn (Finding $finding): bool => $finding->rule->group() === Group::Metal));
    }
}
