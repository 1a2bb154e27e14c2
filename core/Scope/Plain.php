<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

/** What a finding, or protection that is missing, means to who lives there: a sentence without a word of the trade. */
final class Plain
{
    private const SAID = [
        'gfci_missing' => 'Outlets are not protected against electric shock as the code asks.',
        'gfci_advised' => 'Outlets would be protected against electric shock today; it was not asked when they were put in.',
        'afci_missing' => 'Wires are not watched for sparks as the code asks.',
        'afci_advised' => 'Wires would be watched for sparks today; it was not asked when they were put in.',
        'afci_box_crowded' => 'The device that watches for sparks sits in a box too full for it.',
        'afci_first_outlet_unmet' => 'The device that watches for sparks sits too far along the wiring to watch all of it.',
        'alarm_on_protection' => 'The fire alarm loses its power when a safety device trips.',
        'alone_shared' => 'What should not go dark with anything else does.',
        'amendment_unmatched' => 'A rule of the place is to be asked after.',
        'bathroom_circuit_15a' => 'The bathroom outlets hang on a circuit too small for them.',
        'bathroom_circuit_shared' => 'The bathroom outlets share their circuit with other rooms.',
        'box_loose' => 'An outlet is loose in the wall: every plug works its wires loose.',
        'box_not_bonded' => 'A metal box is not connected to ground: a fault would make it live.',
        'box_overfull' => 'A box in the wall is too full: its wires are pressed and get warm.',
        'box_wrong' => 'Something in a box was found not as it should be.',
        'conductor_under_breaker' => 'A wire is too thin for its breaker: it could overheat before anything switches off.',
        'connector_out_of_range' => 'A wire connector does not fit its wires and may work loose.',
        'countertop_circuit_15a' => 'The kitchen outlets hang on a circuit too small for kitchen appliances.',
        'countertop_circuit_shared' => 'The kitchen counter outlets share their circuit with other things.',
        'critical_keep_off' => 'A safety device that is not needed there can switch off something that must stay on.',
        'critical_own_device' => 'What must stay on should have a safety device of its own.',
        'critical_shared' => 'When a safety device trips elsewhere, something that must stay on goes dark, and nobody notices.',
        'device_not_made' => 'A device is recorded that is not made for such an outlet.',
        'device_over_circuit' => 'An outlet takes bigger plugs than its circuit can carry.',
        'device_under_load' => 'An outlet carries more than it is made for.',
        'first_outlet_unmarked' => 'A box that others will look for carries no mark.',
        'garage_circuit_15a' => 'The garage outlets hang on a circuit too small for them.',
        'garage_circuit_shared' => 'The garage outlets share their circuit with other rooms.',
        'ground_broken' => 'The safety ground of an outlet is broken somewhere in the wall.',
        'ground_pigtail_missing' => 'An outlet has a hole for a ground and no ground behind it.',
        'ground_run_on' => 'Grounds of several outlets are joined with nothing behind them: one fault makes all of them live.',
        'grounds_not_spliced' => 'The grounds in a box are not joined properly: what lies beyond can lose its ground.',
        'hydromassage_shared' => 'The whirlpool tub shares its circuit.',
        'laundry_circuit_15a' => 'The laundry outlet hangs on a circuit too small for it.',
        'laundry_circuit_shared' => 'The laundry outlet shares its circuit with other things.',
        'leakage_over_budget' => 'So much hangs on one safety device that it may trip with nothing wrong.',
        'lights_beyond_load' => 'When a safety device trips, the light goes out too.',
        'multiwire_neutral' => 'A shared wire runs through an outlet: if it comes loose there, appliances get too much voltage.',
        'multiwire_no_tie' => 'Two breakers that belong together do not switch off together.',
        'no_feed' => 'Nobody knows yet where an outlet gets its power from.',
        'no_ground_unlabelled' => 'An outlet without a ground does not say so.',
        'not_accessible' => 'A safety device cannot be reached to test and reset it.',
        'not_grounding_type' => 'A new outlet has no hole for a ground.',
        'not_tr' => 'An outlet does not keep a child from pushing something into it.',
        'not_wr' => 'An outlet in the weather is not made for it.',
        'overloaded' => 'More runs on one breaker than it can carry.',
        'pool_too_near' => 'An outlet stands too near the pool.',
        'raceway_unsupported' => 'A pipe with wires in it is not fastened.',
        'reads_wrong' => 'An outlet tests wrong.',
        'receptacle_mismatch' => 'An outlet does not go with the circuit it is on.',
        'redundant_gfci' => 'Two safety devices watch the same outlets: either trips, and one is not needed.',
        'reversed_as_found' => 'A safety device was wired the wrong way round.',
        'reversed_line_load' => 'A safety device is wired the wrong way round and protects nobody.',
        'room_partly_protected' => 'Only some of the outlets of a room are protected against electric shock.',
        'shared_neutral_protection' => 'A safety breaker shares a wire it must not share, and trips when it should not.',
        'small_appliance_shared' => 'A big kitchen appliance hangs on a circuit meant for the counter.',
        'split_pair' => 'Two wires that belong together are connected apart: what hangs on them is not protected.',
        'ten_amp_circuit' => 'Outlets hang on a circuit that is meant for lights.',
        'test_failed' => 'A safety device failed its test.',
        'trip_slow' => 'A safety device trips too slowly.',
        'tub_zone' => 'An outlet stands within reach of the tub or shower.',
        'tub_zone_unknown' => 'How near an outlet stands to the tub or shower is to be measured.',
        'ungrounded_receptacle' => 'An outlet has a hole for a ground and no ground behind it.',
        'voltage_drop' => 'So long a wire weakens what arrives at its end.',
        'wires_per_terminal' => 'Two wires sit under one screw.',
        'wires_short' => 'The wires in a box are too short to work on safely.',
        'wrong_cover' => 'An outlet in the weather has a cover that does not keep the water out.',
        'yoke_no_disconnect' => 'With one breaker off, half of an outlet is still live.',
    ];

    public static function of(string $finding): string
    {
        return self::SAID[$finding];
    }
}
