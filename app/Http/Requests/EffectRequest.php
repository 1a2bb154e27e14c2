<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\CodeOfPlace;
use Illuminate\Foundation\Http\FormRequest;

/** An edition with local amendments that are being written: nothing is kept. */
final class EffectRequest extends FormRequest
{
    use Amends;

    private const FIELDS = ['do', 'what', 'rule', 'clause', 'kinds', 'serves', 'points', 'ft'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->amendmentRules();
    }

    public function code(): CodeOfPlace
    {
        $amendments = array_map(
            fn(array $amendment): object => (object) array_intersect_key($amendment, array_flip(self::FIELDS)),
            $this->amendments(),
        );

        return PartForm::read(
            CodeOfPlace::class,
            (object) ['edition' => $this->string('edition')->toString(), 'amendments' => $amendments],
        );
    }
}
