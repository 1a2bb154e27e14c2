<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\PairMeans;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/**
 * One thing seen on the way along the runs: what went dead with a breaker or a device, what a button tripped, a box opened, a pair lifted
 * or read. Which of its keys it has goes by its kind.
 */
final readonly class Seen implements Entry
{
    use Identified;

    private const LISTS = ['dead', 'live', 'alreadyDead', 'back', 'tripped'];

    /**
     * @param string|null $at the point or circuit of a trip
     * @param list<string>|null $dead ids of points
     * @param list<string>|bool|null $live ids of points; of a pair, whether it is
     * @param list<string>|null $alreadyDead dead before it
     * @param list<string>|null $back that came back with it
     * @param list<string>|null $tripped ids of points and circuits
     * @param int|null $pairs counted in the box
     */
    public function __construct(
        public SeenKind $kind,
        #[Said(Value::Id)]
        public ?string $circuit = null,
        #[Said(Value::Id)]
        public ?string $at = null,
        #[Said(Value::Id)]
        public ?string $point = null,
        #[Said(Value::Ids)]
        public ?array $dead = null,
        public array|bool|null $live = null,
        #[Said(Value::Ids)]
        public ?array $alreadyDead = null,
        #[Said(Value::Ids)]
        public ?array $back = null,
        #[Said(Value::Ids)]
        public ?array $tripped = null,
        public ?int $pairs = null,
        #[Said(Value::Id)]
        public ?string $pair = null,
        public ?PairMeans $by = null,
        #[Said(Value::Time)]
        public ?string $atTime = null,
        public ?string $who = null,
        #[Said(Value::Id)]
        public ?string $id = null,
        public ?object $x = null,
    ) {
    }

    public static function list(): EntryList
    {
        return EntryList::Observations;
    }

    /** @return list<string> the points that stayed live, where points were listed */
    public function livePoints(): array
    {
        return is_array($this->live) ? $this->live : [];
    }

    /**
     * Without points that are taken out of the house.
     *
     * @param list<string> $points
     */
    public function withoutPoints(array $points): self
    {
        $isLeft = fn(mixed $id): bool => ! in_array($id, $points, true);

        return $this->replaced(array_map(
            fn(mixed $ids): mixed => is_array($ids) ? array_values(array_filter($ids, $isLeft)) : $ids,
            array_intersect_key(get_object_vars($this), array_flip(self::LISTS)),
        ));
    }
}
