<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\PlanReader;
use Bouclier\Core\House\House;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Scope\Adding\WantedOutlet;
use Bouclier\Core\Scope\Step;

/** What is asked while something is decided, by its address below the house: the same on the server and on a phone without a signal. */
final class Deciding
{
    /** All plans and drafts; one of them, or a cure, on the drawings; the scope; what steps come to; from where a new outlet may be fed. */
    public const PLANS = 'plans';
    public const ASKED = ['plan', 'draft', 'scope', 'cure', 'bill', 'adding'];

    private const LONGEST_KEY = 4000;

    public static function isAsked(string $path): bool
    {
        return $path === self::PLANS || in_array($path, array_map(fn(string $one): string => self::PLANS . "/$one", self::ASKED), true);
    }

    /**
     * @param (\Closure(): void)|null $between called now and then in what takes long; by throwing there, one whose answer can wait ends it
     *
     * @return array<mixed>
     *
     * @throws \Bouclier\Core\Exchange\BadHouseFile
     * @throws NotThere
     */
    public static function answer(string $path, House $house, Body $asked, Asker $asker, ?\Closure $between = null): array
    {
        return match ($path) {
            self::PLANS => DecideSheet::of($house),
            self::PLANS . '/plan' => PlanSheet::of($house, PlanReader::choice($asked), $asker) ?? throw new NotThere('plan', 'such'),
            self::PLANS . '/draft' => PlanSheet::draft($house, $asked->id('draft'), $asker),
            self::PLANS . '/scope' => ScopeSheet::of($house, PlanReader::choice($asked), $between),
            self::PLANS . '/cure' => PlanSheet::cure(
                $house,
                PlanReader::choice($asked),
                $asked->text('cure', self::LONGEST_KEY),
                $asker,
                $between,
            ) ?? throw new NotThere('cure', 'such'),
            self::PLANS . '/bill' => ScopeSheet::bill($house, Step::allTold($asked, 'steps')),
            self::PLANS . '/adding' => AddingSheet::of($house, WantedOutlet::told($asked, $house)),
            default => $asked->wrong('path', 'is nothing that is answered here'),
        };
    }
}
