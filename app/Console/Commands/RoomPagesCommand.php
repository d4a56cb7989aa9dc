<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Prints\QrCode;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Writes the two pages of a room: the one by which a device comes to trust this machine, and the card that leads there. */
final class RoomPagesCommand extends Command
{
    public const CERTIFICATE = 'deft-blade-room.crt';

    protected $signature = 'room:pages {folder : with the certificate in it} {application : its address} {card : the address of these pages}';

    protected $description = 'Write the pages by which the devices of a room come to trust this machine';

    public function handle(QrCode $code): int
    {
        $folder = $this->text('folder');
        $certificate = openssl_x509_read(File::get("$folder/".self::CERTIFICATE));
        if ($certificate === false) {
            $this->error("$folder/".self::CERTIFICATE.' is no certificate.');

            return self::FAILURE;
        }
        $shown = [
            'application' => $this->text('application'),
            'name' => (string) parse_url($this->text('application'), PHP_URL_HOST),
            'pages' => $this->text('card'),
            'certificate' => '/'.self::CERTIFICATE,
            'fingerprint' => str_split(strtoupper((string) openssl_x509_fingerprint($certificate, 'sha256')), 4),
            'code' => 'data:image/svg+xml;base64,'.base64_encode($code->svg($this->text('card').'/')),
        ];
        foreach (['trust', 'card'] as $page) {
            File::put("$folder/$page.html", view("room.$page", $shown)->render());
        }

        return self::SUCCESS;
    }

    private function text(string $argument): string
    {
        $given = $this->argument($argument);

        return is_string($given) ? rtrim($given, '/') : '';
    }
}
