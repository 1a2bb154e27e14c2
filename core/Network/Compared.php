<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** A reading beside what was to be expected, and in words what a difference points to. */
final readonly class Compared
{
    /** Volts two readings may differ by: this many, or this share of the supply. */
    private const VOLTS = 2.0;
    private const SHARE_OF_SUPPLY = 0.03;

    /** Milliamperes a clamp may differ by: this many, and this share. */
    private const MILLIAMPERES = 0.5;
    private const SHARE_OF_CURRENT = 0.05;

    private const NAMES = ['hn' => 'Hot to neutral', 'hg' => 'Hot to ground', 'ng' => 'Neutral to ground'];

    /**
     * @param string|null $expected null where nothing can be expected
     * @param string|null $means null where the two agree
     */
    private function __construct(
        public string $read,
        public ?string $expected,
        public ?string $means,
    ) {
    }

    /**
     * @param string $between hn, hg or ng
     * @param float|null $expected null at an outlet of which it is not known what feeds it
     */
    public static function volts(string $between, float $read, ?float $expected, float $supplyVolts): self
    {
        $name = self::NAMES[$between] ?? $between;
        if ($expected === null) {
            return new self("$name " . self::written($read, 'V'), null, null);
        }
        $differs = abs($read - $expected) > max(self::VOLTS, self::SHARE_OF_SUPPLY * $supplyVolts);
        $means = match ($between) {
            'ng' => 'Neutral and ground differ: a load on a poor neutral, or one of the two is open.',
            'hg' => 'The ground does not stand where it should: it is open, or joined to the wrong conductor.',
            default => $read < $expected
                ? 'A poor joint upstream under load, an open conductor, or another breaker.'
                : 'More than the supply gives: a lost neutral on a shared run raises one side. Turn it off.',
        };

        return new self("$name " . self::written($read, 'V'), self::written($expected, 'V'), $differs ? $means : null);
    }

    /** What a meter shows between two of which one floats. */
    public static function whatFloats(): string
    {
        return sprintf('anything up to %d V; low impedance about 0', (int) Instruments::FLOATING_VOLTS);
    }

    /** Between two of which one floats: less than a floating conductor may show is as expected. */
    public static function floating(string $between, float $read): self
    {
        return new self(
            (self::NAMES[$between] ?? $between) . ' ' . self::written($read, 'V'),
            'nothing certain: it floats',
            $read > Instruments::FLOATING_VOLTS ? 'It holds a voltage, so it does not float: something feeds it.' : null,
        );
    }

    public static function clamp(float $read, float $expected): self
    {
        $differs = abs($read - $expected) > self::MILLIAMPERES + self::SHARE_OF_CURRENT * $expected;

        return new self(
            'Clamp ' . self::written($read, 'mA'),
            self::written($expected, 'mA'),
            $differs
                ? 'What goes out does not come back in this cable: something leaks beyond, or a neutral is shared with another.'
                : null,
        );
    }

    private static function written(float $value, string $unit): string
    {
        return rtrim(rtrim(number_format($value, $unit === 'V' ? 1 : 2, '.', ''), '0'), '.') . " $unit";
    }
}
