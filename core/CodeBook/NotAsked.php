<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\CodeBook\Cec\Stationary;
use Bouclier\Core\CodeBook\Nec\Section210_12\Duty;
use Bouclier\Core\CodeBook\Nec\Section210_8A\Scope;
use Bouclier\Core\CodeBook\Nec\Section406_12\TamperResistant;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;

/** Why nothing is asked at an outlet, in a sentence: a bare "not asked" helps nobody. */
final class NotAsked
{
    /** Rooms no list names, and an authority may see as one of those it does. */
    private const MAY_BE_SIMILAR = [AreaKind::Foyer, AreaKind::FoodPrep, AreaKind::Utility];

    public static function why(Site $site, PointAssessment $judged, Protection $protection): string
    {
        $let = array_values(array_filter($judged->exemptions, fn(Exemption $one): bool => $one->from === $protection));

        return $let !== [] ? $let[0]->why : match ($protection) {
            Protection::Gfci => $site->edition->isNec() ? self::gfci($site) : self::classA($site),
            Protection::Afci => $site->edition->isNec() ? self::afci($site) : self::arcFault($site),
            Protection::Tr => self::tamperResistant($site),
            Protection::Wr => 'Its location is dry.',
        };
    }

    private static function gfci(Site $site): string
    {
        $point = $site->point;

        return match (true) {
            $point->kind === PointKind::Light => $site->edition->isFrom(Edition::Nec2017)
                ? 'It is a light: of those only the ones in crawl spaces are asked for.'
                : 'It is a light: 210.8(A) speaks of receptacles.',
            $point->kind === PointKind::Hardwired => 'It is wired in, and supplies nothing that is named.',
            ! $point->isReceptacle() => 'No current is taken here.',
            ! Scope::holds($point, $site->edition) => $site->edition->isFrom(Edition::Nec2020)
                ? '210.8(A) speaks of receptacles up to 250 V.'
                : '210.8(A) speaks of 15 and 20 A receptacles of 125 V in this edition.',
            default => self::place($site) . self::water($site) . self::similar($site),
        };
    }

    private static function place(Site $site): string
    {
        $area = $site->area;

        return match (true) {
            $area->kind === AreaKind::Kitchen => 'In a kitchen only what serves the countertop counts in this edition',
            $area->kind === AreaKind::Basement => 'A finished basement does not count in this edition',
            $area->kind === AreaKind::CrawlSpace => 'A crawl space above grade does not count',
            $area->kind === AreaKind::AccessoryBuilding => $area->finished()
                ? 'An accessory building that is lived in does not count'
                : 'An accessory building with its floor above grade does not count',
            $area->kind === AreaKind::FoodPrep && ! $area->hasFixture(FixtureKind::Sink)
                => 'A place for food and drink counts when it has a sink',
            $area->kind === AreaKind::Similar => "{$area->code}, a room like those that are lived in, is in no list of 210.8(A)",
            default => ucfirst($area->kind->plural()) . ' are in no list of 210.8(A)',
        };
    }

    private static function water(Site $site): string
    {
        return match (true) {
            $site->point->distances() !== [] => ', and it is out of reach of the water that was measured.',
            $site->area->fixtures() !== [] => ', and nobody has measured to the water there.',
            default => ', and no water is recorded near.',
        };
    }

    private static function similar(Site $site): string
    {
        return in_array($site->area->kind, self::MAY_BE_SIMILAR, true) ? ' The authority may see it as similar to one that is.' : '';
    }

    private static function afci(Site $site): string
    {
        $circuit = $site->circuit();
        $plural = ucfirst($site->area->kind->plural());

        return match (true) {
            $circuit !== null && ! Duty::speaksOf($circuit, $site->edition) => '210.12 speaks of 120 V circuits of '
                . ($site->edition->isFrom(Edition::Nec2023) ? '10, 15 and 20 A.' : '15 and 20 A.'),
            $site->work === Work::Replace && ! $site->point->isReceptacle() => 'Of replacements only receptacles are asked for.',
            Duty::isListed($site->area) => 'Nothing on its circuit stands in a room on the list of 210.12 that counts.',
            $site->area->kind === AreaKind::Basement => 'A basement that is not finished is not on the list of 210.12'
                . ($site->work === Work::Replace ? '.' : ', and nothing else on its circuit stands in a room that is.'),
            $site->work === Work::Replace => "$plural are not on the list of 210.12." . self::similar($site),
            default => "$plural are not on the list of 210.12, and nothing else on its circuit stands in a room that is."
                . self::similar($site),
        };
    }

    private static function classA(Site $site): string
    {
        return match (true) {
            ! $site->isCordReceptacle(125.0) => '26-704 speaks of 5-15R and 5-20R receptacles.',
            Stationary::hides($site) => 'It is out of reach behind a stationary appliance.',
            $site->area->kind === AreaKind::Outdoors => 'It is more than 2.5 m above finished grade.',
            default => '26-704 asks within 1.5 m of water, and outdoors'
                . ($site->point->distances() === [] ? ': no water is recorded near.' : '.'),
        };
    }

    private static function arcFault(Site $site): string
    {
        return $site->point->isReceptacle()
            ? 'Its circuit feeds nothing but receptacles that 26-658 lets off.'
            : 'Its circuit feeds no receptacles of 20 A or less.';
    }

    private static function tamperResistant(Site $site): string
    {
        $point = $site->point;

        return match (true) {
            ! $point->isReceptacle() => 'It is no receptacle.',
            ! $site->isCordReceptacle(250.0) => 'Of receptacles only those of 15 and 20 A that take cords are asked for.',
            $site->work === Work::Replace && $point->slots() === 2 => 'A receptacle with two slots is replaced in kind.',
            $point->partOfAppliance === true => 'It is part of a luminaire or an appliance.',
            $point->serves() !== Serves::General && $point->serves() !== Serves::Countertop
                => 'It is in the space of an appliance that is not easily moved.',
            $point->heightFt() > TamperResistant::OUT_OF_REACH_FT => 'It is too high for a child.',
            default => ucfirst($site->area->kind->plural()) . ' do not count in this edition.',
        };
    }
}
