<?php

declare(strict_types=1);

namespace App\Platform\Http\Controllers;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;

/** Lets a tablet install this shop's own certificate authority. */
final class TrustController
{
    public function show(Request $request): Response
    {
        // On plain http there is no certificate, and so nothing to trust.
        $known = is_file($this->file())
            ? openssl_x509_fingerprint((string) file_get_contents($this->file()), 'sha256')
            : false;

        if ($known === false) {
            return response()->view('platform.trust-none', [], 404);
        }

        return response()->view('platform.trust', [
            'address' => $request->getSchemeAndHttpHost().'/trust/certificate',
            'app' => 'https://'.$request->getHost().':'.config('app.tls_port'),
            // As the console prints it.
            'fingerprint' => implode(':', str_split(strtoupper($known), 2)),
        ]);
    }

    public function certificate(): SymfonyResponse
    {
        if (! is_file($this->file())) {
            return response()->view('platform.trust-none', [], 404);
        }

        return response()->file($this->file(), [
            'Content-Type' => 'application/x-x509-ca-cert',
            'Content-Disposition' => 'attachment; filename="aenum-shop.crt"',
        ]);
    }

    private function file(): string
    {
        return dirname(storage_path()).'/tls/authority.crt';
    }
}
