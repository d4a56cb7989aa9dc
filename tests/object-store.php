<?php

declare(strict_types=1);

// A stand-in for an S3 store, as a router of PHP's own web server: keeps what is put under its path, hands it out, and asks for a signature. php -S HOST:PORT object-store.php

$folder = (string) getenv('OBJECT_STORE');
$file = $folder.'/'.sha1((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
if (! str_starts_with($_SERVER['HTTP_AUTHORIZATION'] ?? '', 'AWS4-HMAC-SHA256 Credential=key/')) {
    http_response_code(403);

    return;
}
if ($_SERVER['REQUEST_METHOD'] === 'PUT') {
    file_put_contents($file, file_get_contents('php://input'));
    header('ETag: "'.md5_file($file).'"');

    return;
}
if (! is_file($file)) {
    http_response_code(404);

    return;
}
header('Content-Length: '.filesize($file));
header('Last-Modified: '.gmdate('D, d M Y H:i:s', (int) filemtime($file)).' GMT');
header('Content-Type: image/jpeg');
if ($_SERVER['REQUEST_METHOD'] === 'GET') {
    readfile($file);
}
