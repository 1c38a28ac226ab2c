<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** How a tablet comes to trust this shop's own certificate authority. */
final class TrustController
{
    public function show(Request $request): View
    {
        // On plain http there is no certificate, and so nothing to trust.
        $known = is_file($this->file())
            ? openssl_x509_fingerprint((string) file_get_contents($this->file()), 'sha256')
            : false;

        return view($known === false ? 'trust-none' : 'trust', [
            'address' => $request->getSchemeAndHttpHost().'/trust/certificate',
            'app' => 'https://'.$request->getHost().':'.config('app.tls_port'),
            'fingerprint' => implode(' ', str_split(strtoupper((string) $known), 4)),
        ]);
    }

    public function certificate(): BinaryFileResponse
    {
        abort_unless(is_file($this->file()), 404);

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
