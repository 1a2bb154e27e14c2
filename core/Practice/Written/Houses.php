<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Written;

use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Leg;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Workmanship;
use Bouclier\Core\Practice\Sketch;

/** The houses of the written cases: all invented, each of a few rooms. A case adds what is plugged in, and what is hidden. */
final class Houses
{
    /** A GFCI in the garage protects the bath and what stands outside: nobody in the bath knows of it. */
    public static function oneButtonForThreeRooms(): Sketch
    {
        return (new Sketch('Heron Lane 4', Edition::Nec2014))
            ->room('G', 'Garage', AreaKind::Garage)->room('B', 'Bath', AreaKind::Bathroom)->room('O', 'Outside', AreaKind::Outdoors)
            ->room('H', 'Hall', AreaKind::Hallway)
            ->circuit('c1', 'Garage, bath', 15.0)->circuit('c2', 'Hall', 15.0, leg: Leg::B)
            ->outlet('g1', 'G', 'Workbench', 'c1', 28.0, Device::Gfci, exposure: Exposure::Damp)
            ->outlet('g2', 'G', 'Freezer corner', 'g1', 14.0, exposure: Exposure::Damp)
            ->outlet('b1', 'B', 'Basin', 'g2', 31.0, exposure: Exposure::Damp, workmanship: Workmanship::Disturbed)
            ->outlet('o1', 'O', 'Porch', 'b1', 19.0, exposure: Exposure::Wet)
            ->outlet('h1', 'H', 'Hall table', 'c2', 22.0)
            ->outlet('h2', 'H', 'Stairs', 'h1', 12.0);
    }

    /** A kitchen counter behind one GFCI, and the wall beside it. */
    public static function counter(): Sketch
    {
        return (new Sketch('Thistle Court 11'))
            ->room('K', 'Kitchen', AreaKind::Kitchen)->room('D', 'Dining', AreaKind::Dining)
            ->circuit('c1', 'Counter', 20.0)->circuit('c2', 'Dining', 15.0, leg: Leg::B)
            ->outlet('k1', 'K', 'Left of the sink', 'c1', 34.0, Device::Gfci, workmanship: Workmanship::Disturbed)
            ->outlet('k2', 'K', 'Right of the sink', 'k1', 9.0)
            ->outlet('k3', 'K', 'By the window', 'k2', 11.0)
            ->outlet('k4', 'K', 'By the door', 'k3', 16.0, workmanship: Workmanship::Disturbed)
            ->outlet('d1', 'D', 'Sideboard', 'c2', 41.0)
            ->outlet('d2', 'D', 'Window', 'd1', 13.0);
    }

    /** A bath with a light on LOAD of the GFCI at its basin. */
    public static function bathWithLight(): Sketch
    {
        return (new Sketch('Pear Tree Row 7', Edition::Nec2014))
            ->room('B', 'Bath', AreaKind::Bathroom)->room('R', 'Bedroom', AreaKind::Bedroom)
            ->circuit('c1', 'Bath', 20.0)->circuit('c2', 'Bedroom', 15.0, leg: Leg::B)
            ->outlet('b1', 'B', 'Basin', 'c1', 37.0, Device::Gfci, exposure: Exposure::Damp)
            ->outlet('b2', 'B', 'Second basin', 'b1', 8.0, exposure: Exposure::Damp)
            ->outlet('b3', 'B', 'Light over the tub', 'b2', 12.0, kind: PointKind::Light, exposure: Exposure::Wet)
            ->outlet('r1', 'R', 'Bed', 'c2', 29.0)
            ->outlet('r2', 'R', 'Dresser', 'r1', 10.0);
    }

    /** Garden outlets at the end of far too much cable. */
    public static function garden(float $ft = 40.0, BreakerType $breaker = BreakerType::Gfci): Sketch
    {
        return (new Sketch('Mill Race 2', Edition::Nec2017))
            ->room('O', 'Garden', AreaKind::Outdoors)->room('S', 'Shed', AreaKind::AccessoryBuilding)
            ->room('U', 'Laundry', AreaKind::Laundry)
            ->circuit('c1', 'Garden', 20.0, $breaker)->circuit('c2', 'Laundry', 20.0, leg: Leg::B)
            ->outlet('o1', 'O', 'Patio', 'c1', $ft, exposure: Exposure::Wet)
            ->outlet('o2', 'O', 'Pond', 'o1', $ft, exposure: Exposure::Wet, workmanship: Workmanship::Disturbed)
            ->outlet('s1', 'S', 'Shed bench', 'o2', $ft, exposure: Exposure::Damp)
            ->outlet('s2', 'S', 'Shed door', 's1', 12.0, exposure: Exposure::Damp)
            ->outlet('u1', 'U', 'Washer', 'c2', 26.0, Device::Gfci);
    }

    /** A basement on a GFCI of its own. */
    public static function basement(): Sketch
    {
        return (new Sketch('Quarry Road 19', Edition::Nec2014))
            ->room('C', 'Basement', AreaKind::Basement)->room('U', 'Utility', AreaKind::Utility)
            ->circuit('c1', 'Basement', 20.0)->circuit('c2', 'Utility', 20.0, leg: Leg::B)
            ->outlet('x1', 'C', 'Foot of the stairs', 'c1', 18.0, Device::Gfci, exposure: Exposure::Damp)
            ->outlet('x2', 'C', 'Shelves', 'x1', 22.0, exposure: Exposure::Damp, workmanship: Workmanship::Disturbed)
            ->outlet('x3', 'C', 'Freezer', 'x2', 15.0, exposure: Exposure::Damp)
            ->outlet('x4', 'C', 'Sump', 'x3', 20.0, exposure: Exposure::Wet)
            ->outlet('u1', 'U', 'Furnace corner', 'c2', 14.0)
            ->outlet('u2', 'U', 'Bench', 'u1', 9.0);
    }

    /** Bedrooms and a living room on a breaker that hears arcs. */
    public static function bedrooms(BreakerType $breaker = BreakerType::Afci): Sketch
    {
        return (new Sketch('Lantern Street 30', Edition::Nec2014))
            ->room('R', 'Bedroom', AreaKind::Bedroom)->room('L', 'Living room', AreaKind::Living)->room('N', 'Den', AreaKind::Den)
            ->circuit('c1', 'Bedrooms', 15.0, $breaker)->circuit('c2', 'Den', 15.0, leg: Leg::B)
            ->outlet('r1', 'R', 'Bed left', 'c1', 33.0)
            ->outlet('r2', 'R', 'Bed right', 'r1', 11.0, workmanship: Workmanship::Disturbed)
            ->outlet('r3', 'R', 'Desk', 'r2', 9.0)
            ->outlet('l1', 'L', 'Sofa', 'r3', 21.0)
            ->outlet('n1', 'N', 'Den shelf', 'c2', 27.0)
            ->outlet('n2', 'N', 'Den window', 'n1', 10.0);
    }

    /** A run of 1961: two wires to the first boxes, three beyond. */
    public static function old(): Sketch
    {
        return (new Sketch('Cooper Hill 8', Edition::Nec2014))
            ->room('L', 'Living room', AreaKind::Living)->room('P', 'Parlor', AreaKind::Parlor)
            ->circuit('c1', 'Front rooms', 15.0)->circuit('c2', 'Back rooms', 15.0, leg: Leg::B)
            ->outlet('l1', 'L', 'Fireplace', 'c1', 24.0, Device::Gfci, workmanship: Workmanship::Disturbed)
            ->outlet('l2', 'L', 'Television', 'l1', 12.0)
            ->outlet('p1', 'P', 'Piano', 'l2', 17.0, workmanship: Workmanship::Disturbed)
            ->outlet('p2', 'P', 'Bay', 'p1', 13.0)
            ->outlet('p3', 'P', 'Bookcase', 'c2', 30.0);
    }

    /** Two half circuits of a kitchen on one neutral, each with a one-pole GFCI breaker. */
    public static function onePoleEach(): Sketch
    {
        return (new Sketch('Barley Close 15', Edition::Nec2014))
            ->room('K', 'Kitchen', AreaKind::Kitchen)
            ->circuit('c1', 'Counter left', 20.0, BreakerType::Gfci, 'c2', together: false)
            ->circuit('c2', 'Counter right', 20.0, BreakerType::Gfci, 'c1', together: false, leg: Leg::B)
            ->outlet('k1', 'K', 'Left of the stove', 'c1', 30.0)
            ->outlet('k2', 'K', 'Corner', 'k1', 8.0)
            ->outlet('k3', 'K', 'Right of the stove', 'c2', 10.0)
            ->outlet('k4', 'K', 'Bar', 'k3', 9.0)
            ->sharedNeutral('k1', 'c1', 'c2', 'k3')
            ->plugged('a1', 'Coffee maker', 'k2', 900.0, ApplianceClass::HeatingElement, false)
            ->plugged('a2', 'Toaster', 'k4', 1100.0, ApplianceClass::HeatingElement, false);
    }

    /** Two GFCIs in a row, one straight from the other's LINE. */
    public static function workshop(): Sketch
    {
        return (new Sketch('Sawpit Yard 3', Edition::Nec2014))
            ->room('G', 'Garage', AreaKind::Garage)->room('Y', 'Yard', AreaKind::Outdoors)
            ->circuit('c1', 'Garage', 20.0)->circuit('c2', 'Yard', 20.0, leg: Leg::B)
            ->outlet('g1', 'G', 'Saw', 'c1', 26.0, Device::Gfci, exposure: Exposure::Damp)
            ->outlet('g2', 'G', 'Compressor', 'g1', 13.0, exposure: Exposure::Damp)
            ->outlet('g3', 'G', 'Charger shelf', 'g2', 10.0, workmanship: Workmanship::Disturbed)
            ->outlet('g4', 'G', 'Door opener', 'g1', 15.0, land: Land::Line)
            ->outlet('y1', 'Y', 'Tap', 'c2', 44.0, Device::Gfci, exposure: Exposure::Wet);
    }
}
