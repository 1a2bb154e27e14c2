<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Jobs\DrawCase;
use App\Support\Shared;
use Bouclier\Core\Exchange\Body;
use Bouclier\Sheets\Practising;

/** Practice cases that are drawn as hard as asked for: seconds of computing each, done once and kept for who asks the same again. */
final class DrawnCase
{
    private const KEPT_S = 3600;

    /** After so long one that was begun is taken for lost. */
    private const BEGUN_S = 180;

    /** @return array{done: bool, case: string|null} */
    public static function of(Body $asked): array
    {
        Practising::wanted($asked);
        $key = self::key($asked->said());
        $kept = Shared::store()->get($key);
        if (is_array($kept)) {
            return ['done' => true, 'case' => is_string($kept['case'] ?? null) ? $kept['case'] : null];
        }
        if (Shared::store()->add("$key begun", true, self::BEGUN_S)) {
            DrawCase::dispatch($asked->said());
        }

        return ['done' => false, 'case' => null];
    }

    public static function keep(string $said, ?string $case): void
    {
        Shared::store()->put(self::key($said), ['case' => $case], self::KEPT_S);
    }

    private static function key(string $said): string
    {
        return 'practice draw ' . sha1($said);
    }
}
