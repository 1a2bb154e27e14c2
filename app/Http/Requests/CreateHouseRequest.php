<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\House\CodeOfPlace;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Work;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/**
 * A new house: a blank one by name, with the one thing every house has, its main panel; or a house file; or the sample that ships with
 * the app.
 */
final class CreateHouseRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sample' => ['nullable', 'boolean'],
            'file' => ['nullable', 'file', 'max:' . intdiv(HouseReader::MAX_BYTES, 1024)],
            'name' => ['required_without_all:file,sample', 'nullable', 'string', 'max:200'],
            'edition' => [
                'required_without_all:file,sample',
                'nullable',
                Rule::enum(Edition::class)->only(CodeBook::shipped()->editions()),
            ],
            'work' => ['required_without_all:file,sample', 'nullable', Rule::enum(Work::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required_without_all' => 'Give the house a name: its street and number will do.'];
    }

    /** @throws \Bouclier\Core\Exchange\BadHouseFile */
    public function house(): House
    {
        if ($this->boolean('sample')) {
            return (new HouseReader())->fromJson((string) file_get_contents(database_path('demo/plover-street-8.house.json')));
        }
        $file = $this->file('file');
        if ($file instanceof UploadedFile) {
            return (new HouseReader())->fromJson((string) $file->get());
        }

        return new House(
            $this->string('name')->toString(),
            $this->enum('work', Work::class) ?? Work::Existing,
            new CodeOfPlace($this->enum('edition', Edition::class) ?? Edition::Nec2023),
            panels: [new Panel('main', 'Main panel')],
        );
    }
}
