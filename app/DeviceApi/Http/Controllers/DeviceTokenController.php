<?php

declare(strict_types=1);

namespace App\DeviceApi\Http\Controllers;

use Aenum\Core\Trade\Ability;
use App\Accounts\Http\Middleware\SharedTablet;
use App\Accounts\Models\DeviceToken;
use App\Accounts\Models\User;
use App\DeviceApi\ViewModels\ApiReference;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Device tokens and their abilities. */
final class DeviceTokenController
{
    use \App\Platform\Http\Controllers\RequiresUser;

    /** More at one door nobody keeps apart. */
    private const MOST = 50;

    public function index(Request $request): View
    {
        $tokens = DeviceToken::query()->with('giver');
        $me = $this->person($request);
        $me->can('manage') ? null : $tokens->where('tokenable_id', $me->id);

        return view('device-api.devices', [
            'tokens' => $tokens->orderBy('name')->get(),
            'abilities' => $this->mayGive($me),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $me = $this->person($request);
        $may = array_map(fn (Ability $one): string => $one->value, $this->mayGive($me));
        $in = $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'abilities' => ['required', 'array'],
            'abilities.*' => [Rule::in($may)],
        ], [
            'name.required' => 'Name of the device is empty; what it is called on the bench will do.',
            'name.max' => 'Name of the device is too long; allowed: up to 60 characters.',
            'abilities.*' => 'Nothing it may do is ticked, or something you may not give; tick at least one.',
        ]);
        if ($request->session()->has(SharedTablet::SESSION)) {
            return back()->withErrors(['name' => 'A PIN at a tablet many hands use is not enough to let a device in; '
                .'sign in with your password.']);
        }
        if (DeviceToken::query()->count() >= self::MOST) {
            $why = 'There are '.self::MOST.' devices already; take one back.';

            return back()->withInput()->withErrors(['name' => $why]);
        }
        $made = $me->createToken(trim($in['name']), array_values($in['abilities']));

        return redirect('/devices')->with('token', $made->plainTextToken)->with('said', 'Made: its token is below.');
    }

    public function withdraw(Request $request, DeviceToken $device): RedirectResponse
    {
        $me = $this->person($request);
        abort_unless($me->can('manage') || $device->tokenable_id === $me->id, 403);
        $device->delete();

        return redirect('/devices')->with('said', "{$device->name} is let in no more.");
    }

    /** How to speak to the door, made from the schemas. */
    public function api(): View
    {
        return view('device-api.reference', ['calls' => ApiReference::calls()]);
    }

    /** @return list<Ability> */
    private function mayGive(User $me): array
    {
        return array_values(array_filter(
            Ability::cases(),
            fn (Ability $one): bool => $me->works() || ! $one->writes(),
        ));
    }
}
