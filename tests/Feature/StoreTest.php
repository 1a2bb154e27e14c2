<?php

declare(strict_types=1);

use App\Actions\DeleteCrews;
use Illuminate\Http\UploadedFile;

it('keeps photographs in a store that is spoken to as to S3, shows them, takes them along and deletes them', function (): void {
    $folder = sys_get_temp_dir() . '/store-' . uniqid();
    mkdir("$folder/photos-of-bouclier", 0o700, true);
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $address = stream_socket_get_name($socket, false);
    fclose($socket);
    $store = proc_open(
        [PHP_BINARY, '-S', $address, base_path('tests/store-stand-in.php')],
        [['file', '/dev/null', 'r'], ['file', "$folder/log", 'w'], ['file', "$folder/log", 'w']],
        $pipes,
        env_vars: ['STORE_FOLDER' => $folder] + getenv(),
    );
    try {
        for ($tries = 0; $tries < 100 && @stream_socket_client("tcp://$address") === false; ++$tries) {
            usleep(50_000);
        }
        config(['filesystems.default' => 'store', 'filesystems.disks.store' => [
            'endpoint' => "http://$address", 'bucket' => 'photos-of-bouclier', 'key' => 'k', 'secret' => 's',
        ] + config()->array('filesystems.disks.store')]);
        $owner = $this->crewMember();
        $house = $this->demoHouseOf($owner);
        $this->actingAs($owner);
        $photo = $this->post(
            "/houses/{$house->id}/outlets/k1/photos",
            ['photo' => UploadedFile::fake()->image('box.jpg', 40, 30)],
            ['Accept' => 'application/json'],
        )->assertOk()->json('box.photos.0.file');
        $kept = "$folder/photos-of-bouclier/photos/{$house->id}/$photo";
        expect(is_file($kept))->toBeTrue();
        $shown = $this->get("/houses/{$house->id}/photos/$photo")->assertOk()->assertHeader('Content-Type', 'image/jpeg')
            ->streamedContent();
        expect($shown)->toBe(file_get_contents($kept));
        $this->get("/houses/{$house->id}/photos/" . str_repeat('0', 64) . '.jpg')->assertNotFound();

        $archive = new ZipArchive();
        $archive->open((string) $this->get('/crew/export')->assertOk()->baseResponse->getFile()->getPathname());
        $names = array_map($archive->getNameIndex(...), range(0, $archive->numFiles - 1));
        $taken = array_values(array_filter($names, fn(string $name): bool => str_ends_with($name, "photos/$photo")));
        expect($taken)->toHaveCount(1)->and($archive->getFromName($taken[0]))->toBe($shown);

        $owner->crew->forceFill(['deletes_at' => now()->subDay()])->save();
        app(DeleteCrews::class)();
        expect(is_file($kept))->toBeFalse();
    } finally {
        proc_terminate($store);
        proc_close($store);
    }
});
