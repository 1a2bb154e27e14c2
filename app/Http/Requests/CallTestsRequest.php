<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Clock;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Looks;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Things done one after the other, and what each showed. They are only added to the call, so they need no revision. */
final class CallTestsRequest extends FormRequest
{
    private const IDS = ['appliance', 'circuit', 'point', 'cable', 'pair', 'to'];
    private const PLACES = ['point', 'circuit', 'cable', 'appliance', 'cord'];
    private const FLAGS = ['holds', 'no_power', 'hn', 'hg', 'ng', 'moved', 'glows'];
    private const LISTS = ['tripped', 'dead', 'live'];
    private const NUMBERS = ['volts', 'ma', 'hot_ma', 'neutral_ma', 'hg_ohms', 'ng_ohms', 'trips'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $id = ['string', 'max:80'];
        $rules = [
            'tests' => ['required', 'array', 'min:1', 'max:8'],
            'tests.*.action' => ['required', 'array'],
            'tests.*.action.do' => ['required', Rule::enum(ActionKind::class)->except([ActionKind::Residual])],
            'tests.*.action.at' => ['array'],
            'tests.*.action.at.end' => [Rule::in(['from', 'to'])],
            'tests.*.action.on' => ['boolean'],
            'tests.*.action.low_z' => ['boolean'],
            'tests.*.action.between' => [Rule::in(['hn', 'hg', 'ng'])],
            'tests.*.action.conductor' => [Rule::in(['hot', 'neutral', 'ground'])],
            'tests.*.action.minutes' => ['numeric', 'min:0', 'max:1440'],
            'tests.*.action.days' => ['integer', 'min:1', 'max:90'],
            'tests.*.reading' => ['required', 'array'],
            'tests.*.reading.shows' => [Rule::in(['power', 'tripped', 'failed', 'nothing'])],
            'tests.*.reading.seen' => ['array'],
            'tests.*.reading.seen.*' => [Rule::in(Looks::SEEN)],
        ];
        foreach (self::IDS as $key) {
            $rules["tests.*.action.$key"] = $id;
        }
        foreach (self::PLACES as $key) {
            $rules["tests.*.action.at.$key"] = $id;
        }
        foreach (self::FLAGS as $key) {
            $rules["tests.*.reading.$key"] = ['boolean'];
        }
        foreach (self::LISTS as $key) {
            $rules["tests.*.reading.$key"] = ['array', 'max:1000'];
            $rules["tests.*.reading.$key.*"] = $id;
        }
        foreach (self::NUMBERS as $key) {
            $rules["tests.*.reading.$key"] = ['nullable', 'numeric', 'min:0'];
        }

        return $rules;
    }

    /** @return list<\stdClass> tests as the house file keeps them */
    public function tests(string $who): array
    {
        /** @var array{tests: list<array<string, mixed>>} $said */
        $said = $this->validated();
        $object = json_decode(json_encode($said['tests'], JSON_THROW_ON_ERROR), false, flags: JSON_THROW_ON_ERROR);

        return array_values(array_map(
            fn(\stdClass $test): \stdClass => (object) [...get_object_vars($test), 'at_time' => Clock::now(), 'who' => $who],
            is_array($object) ? array_filter($object, fn(mixed $one): bool => $one instanceof \stdClass) : [],
        ));
    }
}
