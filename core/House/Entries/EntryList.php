<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Choice;

/** The lists of entries by the way to them in the house file: a kind of entry is its class, and a line in each of the two tables here. */
enum EntryList: string implements Choice
{
    /** What of the way stands below `records`. */
    private const RECORDS = 'records/';

    case Observations = 'observations';
    case Tests = 'tests';
    case Proofs = 'records/proofs';
    case Switched = 'records/switched';
    case Locks = 'records/locks';
    case Boxes = 'records/boxes';
    case BoxChecks = 'records/box_checks';
    case Backs = 'records/backs';
    case Wires = 'records/wires';
    case Pairs = 'records/pairs';
    case Readings = 'records/readings';
    case DeviceTests = 'records/device_tests';
    case Round = 'records/round';
    case DeviceHistory = 'records/device_history';
    case OpenItems = 'records/open_items';
    case Calls = 'records/calls';
    case Notes = 'records/notes';
    case Photos = 'records/photos';
    case Drafts = 'records/drafts';
    case Offers = 'records/offers';

    /** @return class-string<Entry> */
    public function of(): string
    {
        return match ($this) {
            self::Observations => Seen::class,
            self::Tests => TestDone::class,
            self::Proofs => DeadProof::class,
            self::Switched => Switched::class,
            self::Locks => Locked::class,
            self::Boxes => BoxNoted::class,
            self::BoxChecks => BoxChecked::class,
            self::Backs => BackNoted::class,
            self::Wires => WireNoted::class,
            self::Pairs => PairNoted::class,
            self::Readings => MeterReading::class,
            self::DeviceTests => DeviceTest::class,
            self::Round => RoundAnswer::class,
            self::DeviceHistory => DeviceEvent::class,
            self::OpenItems => OpenItem::class,
            self::Calls => ClosedCall::class,
            self::Notes => Note::class,
            self::Photos => Photo::class,
            self::Drafts => Draft::class,
            self::Offers => OfferAccepted::class,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Observations => 'An observation',
            self::Tests => 'A test',
            self::Proofs => 'A proof',
            self::Switched => 'A breaker turned',
            self::Locks => 'A lock',
            self::Boxes => 'The state of a box',
            self::BoxChecks => 'A check of a box',
            self::Backs => 'The back of a device',
            self::Wires => 'Where a wire sat',
            self::Pairs => 'What was seen of a pair',
            self::Readings => 'A reading',
            self::DeviceTests => 'A test of a device',
            self::Round => 'A step of a test round',
            self::DeviceHistory => 'A note of a device',
            self::OpenItems => 'An open item',
            self::Calls => 'A call',
            self::Notes => 'A note',
            self::Photos => 'A photograph',
            self::Drafts => 'A draft',
            self::Offers => 'What was accepted',
        };
    }

    /** @return list<self> those below `records` */
    public static function records(): array
    {
        return array_values(array_filter(self::cases(), fn(self $list): bool => $list->isRecord()));
    }

    public function isRecord(): bool
    {
        return str_starts_with($this->value, self::RECORDS);
    }

    /** Its own name in the file, be it below `records` or not. */
    public function key(): string
    {
        return $this->isRecord() ? substr($this->value, strlen(self::RECORDS)) : $this->value;
    }
}
