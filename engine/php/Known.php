<?php

declare(strict_types=1);

namespace Bouclier\Engine;

use Bouclier\Core\Diagnose\Learned;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LeakageLibrary;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\Keep\ReplacementRule;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Plan\PriceTable;

/** What a phone was given along with a house: the house itself, who has the phone, and by which numbers the crew judges. */
final readonly class Known
{
    /**
     * @param array{summary: string, who: string|null, at: string}|null $lastChange
     * @param array<string, list<float>> $leakage what the crew has found appliances to leak
     * @param array<string, float> $priors how often it finds each cause
     * @param array<string, mixed> $prices what parts and time cost it
     * @param ReplacementRule $replacement at what age it replaces a device
     * @param list<Turned> $undo the last one first
     * @param list<Turned> $redo
     * @param list<mixed> $pages left with the householder
     * @param list<string> $told ids of what the house has already, be it that this phone never heard so
     */
    private function __construct(
        public House $house,
        public int $revision,
        public string $id,
        public ?array $lastChange,
        public string $name,
        public ?string $helper,
        public ?LengthUnit $unit,
        public array $leakage,
        public array $priors,
        public array $prices,
        public ReplacementRule $replacement,
        public Learned $learned,
        public array $undo,
        public array $redo,
        public array $pages,
        public array $told,
    ) {
    }

    /** @param \stdClass $sent as the server sends it to be taken along */
    public static function of(\stdClass $sent): self
    {
        $body = Body::of($sent);
        $file = $sent->file ?? null;
        $list = fn(string $key): array => is_array($sent->{$key} ?? null) ? array_values($sent->{$key}) : [];
        $turned = fn(string $key): array => array_map(Turned::fromSent(...), array_values(
            array_filter($list($key), fn(mixed $one): bool => $one instanceof \stdClass),
        ));
        /** @var array<string, list<float>> $leakage as it was sent */
        $leakage = get_object_vars((object) ($sent->leakage ?? []));
        /** @var array<string, float> $priors */
        $priors = get_object_vars((object) ($sent->priors ?? []));
        $prices = get_object_vars((object) ($sent->prices ?? []));
        $learned = $sent->learned ?? null;
        $last = $body->has('lastChange') ? $body->part('lastChange') : null;

        return new self(
            (new HouseReader())->build($file instanceof \stdClass ? $file : new \stdClass()),
            $body->whole('revision', 0, PHP_INT_MAX),
            $body->id('house'),
            $last === null ? null : [
                'summary' => $last->maybeText('summary', 300) ?? '',
                'who' => $last->maybeText('who', 200),
                'at' => $last->text('at', 40),
            ],
            $body->text('name', 200),
            $body->maybeText('helper', 80),
            LengthUnit::tryFrom($body->maybeText('unit', 2) ?? ''),
            $leakage,
            $priors,
            PriceTable::in($prices)->own(),
            $body->has('replaceYears') ? new ReplacementRule($body->whole('replaceYears', 1, 100)) : new ReplacementRule(),
            self::learned($learned instanceof \stdClass ? $learned : new \stdClass()),
            $turned('undo'),
            $turned('redo'),
            $list('pages'),
            $body->ids('told', 1000),
        );
    }

    private static function learned(\stdClass $sent): Learned
    {
        $with = [];
        foreach (get_object_vars((object) ($sent->with ?? [])) as $factor => $one) {
            if ($one instanceof \stdClass && is_int($one->held ?? null) && is_int($one->of ?? null) && is_numeric($one->share ?? null)) {
                $with[$factor] = ['held' => $one->held, 'of' => $one->of, 'share' => (float) $one->share];
            }
        }

        return new Learned(array_filter(get_object_vars((object) ($sent->calls ?? [])), is_int(...)), $with);
    }

    /** @param string|null $heard when this phone last heard from the others, where that is a while ago */
    public function asker(string $at, ?string $command = null, ?string $heard = null): Asker
    {
        return new Asker($at, $this->name, $this->helper, $this->unit, $command, heardAt: $heard);
    }

    public function judged(House $house): House
    {
        $judged = PriceTable::pricing(LeakageLibrary::judging($house, $this->leakage), $this->prices);

        return $judged->with(code: $judged->code->shownIn($this->unit));
    }

    public function priors(string $today): Priors
    {
        return Priors::standard()->with($this->priors, $today)->learned($this->learned);
    }
}
