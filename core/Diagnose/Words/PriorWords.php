<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose\Words;

/** The lines of the table of {@see \Bouclier\Core\Diagnose\Priors} in the words of the trade. */
final class PriorWords
{
    private const SAID = [
        'leak appliance' => 'An appliance leaks to ground',
        'leak cord' => 'A cord set leaks to ground',
        'leak point' => 'A box or device leaks to ground',
        'leak cable' => 'A cable leaks to ground',
        'neutral_ground point' => 'Neutral touches ground in a box',
        'neutral_ground cable' => 'Neutral touches ground in a cable',
        'open cable' => 'A conductor is open at a joint',
        'open point' => 'A ground pigtail is off',
        'high_resistance cable' => 'A poor joint',
        'short point' => 'A short in a box',
        'short cable' => 'A short in a cable',
        'short appliance' => 'A short in an appliance',
        'swap cable' => 'Hot and neutral swapped',
        'swap_hot_ground cable' => 'Hot and ground swapped',
        'reversed_line_load point' => 'LINE and LOAD swapped at a device',
        'land cable' => 'A split pair at a device',
        'bootleg point' => 'Ground tied to neutral behind an outlet',
        'borrowed_neutral point' => 'A neutral borrowed from another circuit',
        'dead_device point' => 'A receptacle device has failed',
        'dead_device circuit' => 'A protective breaker has failed',
        'weak_device point' => 'A receptacle device has gone weak',
        'weak_device circuit' => 'A protective breaker has gone weak',
        'stuck_device point' => 'A receptacle device does not trip any more',
        'stuck_device circuit' => 'A protective breaker does not trip any more',
        'series_arc cable' => 'A joint in a cable run arcs',
        'series_arc point' => 'A loose screw arcs',
        'parallel_arc cable' => 'Damaged insulation of a cable arcs',
        'parallel_arc point' => 'Damaged insulation in a box arcs',
        'honest_sum' => 'Honest leakages add up',
        'long_cable' => 'So much cable that it leaks by itself',
        'overload' => 'Overload',
        'no_feed' => 'Nothing feeds it',
        'upstream_tripped' => 'A device upstream has only tripped',
        'recorded so' => 'What is recorded to be wrong and leads to it',
        'unknown' => 'Something not on this list',
    ];

    /** What is recorded or was told, as it speaks for a cause. */
    private const SPEAKS = [
        'times damp or wet' => 'It is a damp or wet place',
        'times was wet then' => 'It was wet when it happened',
        'times disturbed box' => 'Somebody has worked there',
        'times no self-test' => 'The device does not test itself',
        'times over ten years' => 'The device is over ten years old',
        'times was running' => 'It was running when it happened',
        'times a tingle was felt' => 'Somebody felt a tingle',
        'times seen here before' => 'Something went wrong here before',
        'times found popped' => 'One had popped, and works again',
    ];

    private const SPEAKS_AGAINST = [
        'times original box' => 'Nobody has been in the box',
        'times none had popped' => 'None was found popped',
    ];

    /**
     * @param list<string> $times lines that make a cause likelier, or less likely
     *
     * @return array{list<string>, list<string>} what speaks for it, and against
     */
    public static function speaking(array $times): array
    {
        $of = array_flip($times);

        return [array_values(array_intersect_key(self::SPEAKS, $of)), array_values(array_intersect_key(self::SPEAKS_AGAINST, $of))];
    }

    public static function of(string $name): string
    {
        return self::SAID[$name] ?? ucfirst($name);
    }
}
