<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Persistence\DrawnCase;
use Bouclier\Core\Exchange\Body;
use Bouclier\Sheets\Practising;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Draws a practice case as hard as asked for. Run twice it draws the same. */
final class DrawCase implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    /** @param string $said what was asked, as JSON */
    public function __construct(private readonly string $said)
    {
    }

    public function handle(): void
    {
        $said = json_decode($this->said);
        DrawnCase::keep($this->said, Practising::draw(Body::of($said instanceof \stdClass ? $said : new \stdClass())));
    }

    public function failed(): void
    {
        DrawnCase::keep($this->said, null);
    }
}
