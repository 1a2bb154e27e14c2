<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\PracticeVisit;
use Bouclier\Core\Exchange\Body;
use Bouclier\Sheets\Practising;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out the best road of a practice case, and how the one that was gone compares: seconds of computing. Run twice it does it once. */
final class JudgeVisit implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public function __construct(private readonly string $visit)
    {
    }

    public function handle(): void
    {
        $visit = PracticeVisit::query()->find($this->visit);
        if ($visit === null || $visit->afterwards !== null) {
            return;
        }
        $said = json_decode(
            json_encode(['case' => $visit->case, 'deeds' => $visit->deeds, 'named' => $visit->named], JSON_THROW_ON_ERROR),
        );
        $afterwards = Practising::afterwards(Practising::ended(Body::of($said instanceof \stdClass ? $said : new \stdClass())));
        $visit->update(['afterwards' => $afterwards, 'best_minutes' => $afterwards['best']['minutes']]);
    }

    public function failed(): void
    {
        PracticeVisit::query()->whereKey($this->visit)->update(['judge_failed_at' => now()]);
    }
}
