<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\Feed\FeedMap;

/** What an action changes in how a house stands, before anything opens by it. */
final class Doing
{
    /** @return bool whether something is energised or begins to run by it */
    public static function on(Condition $condition, Action $action, FeedMap $feeds): bool
    {
        $circuit = $action->at->circuit ?? '';
        $appliance = $action->at->appliance ?? '';
        $point = $action->at->point ?? '';
        switch ($action->kind) {
            case ActionKind::Breaker:
                if ($action->on) {
                    unset($condition->off[$circuit], $condition->open[$circuit]);
                } else {
                    $condition->off[$circuit] = true;
                }

                return $action->on;
            case ActionKind::Plug:
            case ActionKind::Move:
                $condition->plugged[$appliance] = $action->to ?? self::whereItWas($feeds, $appliance);

                return $condition->plugged[$appliance] !== null;
            case ActionKind::Unplug:
                $condition->plugged[$appliance] = null;

                return false;
            case ActionKind::SwitchOn:
            case ActionKind::SwitchOff:
                $condition->running[$appliance] = $action->kind === ActionKind::SwitchOn;

                return $action->kind === ActionKind::SwitchOn;
            case ActionKind::UnplugAll:
                foreach ($condition->plugged as $id => $at) {
                    if ($at !== null && $feeds->feed($feeds->house->point($at))->circuit?->id === $circuit) {
                        $condition->plugged[$id] = null;
                    }
                }

                return false;
            case ActionKind::WithoutCord:
                $condition->withoutCord[$appliance] = true;

                return true;
            case ActionKind::Lift:
                if ($action->on) {
                    unset($condition->lifted[$point][$action->pair ?? '']);
                } else {
                    $condition->lifted[$point][$action->pair ?? ''] = true;
                }

                return true;
            default:
                return false;
        }
    }

    private static function whereItWas(FeedMap $feeds, string $appliance): ?string
    {
        foreach ($feeds->house->appliances as $one) {
            if ($one->id === $appliance) {
                return $one->at;
            }
        }

        return null;
    }
}
