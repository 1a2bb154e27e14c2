<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\Practice\Written\WrittenCases;

/**
 * Every case there is, by its name: `written-…` for those that were written, `kind.outlets.seed` for those that are drawn, `any` for a kind
 * that is not told. The same name is the same case, whoever works on it and wherever.
 */
final class Cases
{
    private const ANY = 'any';

    /** Seeds there are; how many are tried for one that is as hard as asked, and how far apart. */
    public const SEEDS = 1_000_000_000;
    private const AT_LEVEL = 6;
    private const APART = 7919;

    /** So many seeds are tried for a house somebody would call about. */
    private const TRIES = 60;

    /** @throws NotThere */
    public static function named(string $name): PracticeCase
    {
        return self::find($name) ?? throw new NotThere('case', $name);
    }

    public static function find(string $name): ?PracticeCase
    {
        if (preg_match('/^([a-z_]+)\.(\d{1,2})\.(\d{1,9})$/D', $name, $said) === 1) {
            $outlets = (int) $said[2];
            $kinds = CaseKind::cases();
            $kind = $said[1] === self::ANY ? $kinds[crc32($name) % count($kinds)] : CaseKind::tryFrom($said[1]);
            if ($kind !== null && $outlets >= DrawnHouse::LEAST && $outlets <= DrawnHouse::MOST) {
                return self::drawn($name, $kind, $outlets);
            }
        }

        return WrittenCases::named($name);
    }

    /** @param CaseKind|null $kind null for any: then its name does not say what it is about */
    public static function nameOf(?CaseKind $kind, int $outlets, int $seed): string
    {
        return ($kind->value ?? self::ANY) . ".$outlets.$seed";
    }

    /**
     * One drawn that is as hard as it was asked for: each is worked out, so it takes seconds.
     *
     * @param CaseKind|null $kind null for any
     *
     * @return string|null its name; the nearest where none of a few is, null where nothing could be drawn
     */
    public static function drawnAt(?CaseKind $kind, int $outlets, int $seed, Level $level): ?string
    {
        $nearest = null;
        for ($try = 0; $try < self::AT_LEVEL; ++$try) {
            $name = self::nameOf($kind, $outlets, ($seed + $try * self::APART) % self::SEEDS);
            $case = self::find($name);
            if ($case === null) {
                continue;
            }
            $far = $level->farFrom(Difficulty::of(Road::best($case))->score());
            if ($nearest === null || $far < $nearest[1]) {
                $nearest = [$name, $far];
            }
            if ($far === 0.0) {
                break;
            }
        }

        return $nearest[0] ?? null;
    }

    /** The same once more, in another house. */
    public static function again(PracticeCase $case): string
    {
        [, $outlets, $seed] = [...explode('.', $case->name), (string) count($case->house->points), '0'];

        return self::nameOf(
            $case->kind,
            max(DrawnHouse::LEAST, min(DrawnHouse::MOST, (int) $outlets)),
            str_contains($case->name, '.') ? ((int) $seed + 1) % self::SEEDS : crc32($case->name) % 1000,
        );
    }

    private static function drawn(string $name, CaseKind $kind, int $outlets): ?PracticeCase
    {
        for ($try = 0; $try < self::TRIES; ++$try) {
            $from = new DrawnFrom("$name $try");
            // One that is long, or adds up, is drawn larger where a few outlets cannot do it.
            $house = new DrawnHouse($kind, min(DrawnHouse::MOST, $outlets + intdiv($try, 20)), $from, "House $name");
            $draw = new CaseDraw($house, $from);
            $hidden = $draw->hidden($kind);
            $case = $hidden === null
                ? null
                : self::of($name, 'A call nobody knows more of', $kind, $house->sketch, $hidden, $draw->standsOpen($kind));
            $call = $case === null ? null : (new CalledAbout($case))->complaint();
            // What the house would do without it is no call about it.
            $isOfIt = $case !== null && $call !== null
                && ($kind->isNoFault() || (new CalledAbout($case->sound()))->complaint()?->kind !== $call->kind);
            if ($isOfIt) {
                return $case->called($call->with(['words' => CallWords::of($case->house, $call)]));
            }
        }

        return null;
    }

    /**
     * @param list<array<string, mixed>> $hidden as in `faults` of a house file
     * @param list<string> $standsOpen
     */
    public static function of(
        string $name,
        string $title,
        CaseKind $kind,
        Sketch $sketch,
        array $hidden,
        array $standsOpen,
        ?Complaint $call = null,
    ): PracticeCase {
        $house = $sketch->recorded();
        $read = FaultList::of($house->with(faults: array_map(Loose::of(...), $hidden)));
        if ($read->wrong !== []) {
            throw new \LogicException("$name: {$read->wrong[0]}");
        }

        return new PracticeCase(
            $name,
            $title,
            $kind,
            $house->with(call: new Call($call)),
            $sketch->asItIs(),
            $read->all,
            $standsOpen,
        );
    }
}
