<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** How an outlet can be wired, right or wrong, and what a plug-in tester shows of it. */
enum OutletWiring
{
    case Correct;
    case OpenGround;
    case OpenNeutral;
    case OpenNeutralUnderLoad;
    case OpenHot;
    case HotNeutralReversed;
    case HotGroundReversed;
    case NeutralGroundReversed;
    case BootlegGround;
    case BootlegGroundReversed;
    case OpenGroundHotNeutralReversed;

    public function label(): string
    {
        return match ($this) {
            self::Correct => 'wired correctly',
            self::OpenGround => 'open ground',
            self::OpenNeutral => 'open neutral, nothing running on it',
            self::OpenNeutralUnderLoad => 'open neutral, with something plugged in and on',
            self::OpenHot => 'open hot, or no power',
            self::HotNeutralReversed => 'hot and neutral reversed',
            self::HotGroundReversed => 'hot and ground reversed',
            self::NeutralGroundReversed => 'neutral and ground reversed',
            self::BootlegGround => 'ground tied to the neutral at the outlet',
            self::BootlegGroundReversed => 'ground tied to the neutral terminal, with hot and neutral reversed: the frame is live',
            self::OpenGroundHotNeutralReversed => 'open ground, and hot and neutral reversed',
        };
    }

    public function lamps(): Lamps
    {
        $hot = 120.0;

        return match ($this) {
            self::Correct, self::NeutralGroundReversed, self::BootlegGround => PlugInTester::lamps([$hot, 0.0, 0.0]),
            self::OpenGround => PlugInTester::lamps([$hot, 0.0, null]),
            self::OpenNeutral => PlugInTester::lamps([$hot, null, 0.0]),
            self::OpenNeutralUnderLoad => PlugInTester::lamps([$hot, null, 0.0], loaded: true),
            self::OpenHot => PlugInTester::lamps([null, 0.0, 0.0]),
            self::HotNeutralReversed => PlugInTester::lamps([0.0, $hot, 0.0]),
            self::HotGroundReversed => PlugInTester::lamps([0.0, 0.0, $hot]),
            self::BootlegGroundReversed => PlugInTester::lamps([0.0, $hot, $hot]),
            self::OpenGroundHotNeutralReversed => PlugInTester::lamps([0.0, $hot, null]),
        };
    }

    /**
     * Every wiring that shows this pattern. More than one: the tester cannot tell them apart.
     *
     * @return list<self>
     */
    public static function showing(Lamps $lamps): array
    {
        return array_values(array_filter(self::cases(), fn(self $wiring): bool => $wiring->lamps()->equals($lamps)));
    }
}
