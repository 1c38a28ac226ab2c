<?php

declare(strict_types=1);

namespace App\Accounts\Http\Controllers;

use App\Accounts\Commands\OneTimeCode;
use App\Accounts\Commands\RevokeAccess;
use App\Accounts\Http\Middleware\SharedTablet;
use App\Accounts\Models\Shop;
use App\Accounts\Models\Tablet;
use App\Accounts\Models\User;
use App\Platform\Clock\ShopClock;
use App\Platform\Validation\StrongPassword;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** People, their roles, and shared tablets. */
final class PeopleController
{
    use \App\Platform\Http\Controllers\RequiresUser;

    public function index(Request $request): View
    {
        return view('accounts.people', [
            'people' => User::query()->orderByDesc('active')->orderBy('name')->get(),
            'tablets' => Tablet::query()->whereNull('withdrawn_at')->orderBy('name')->get(),
            'here' => SharedTablet::tablet($request),
        ]);
    }

    public function add(Request $request): RedirectResponse
    {
        $own = [$request->string('name')->toString(), $request->string('email')->toString(), Shop::current()->name];
        $in = $request->validate([
            'name' => ['required', 'string', 'max:100'],
            'email' => ['required', 'email:strict', 'max:190', 'unique:users,email'],
            'role' => ['required', Rule::in(['owner', 'finisher', 'viewer'])],
            'password' => ['required', 'string', new StrongPassword($own)],
        ], ['email.unique' => 'E-mail belongs to somebody here already.']);
        User::query()->create($in);

        return redirect(Shop::afterSaving('/people'))->with('said', "{$in['name']} can sign in now.");
    }

    public function change(Request $request, User $person): RedirectResponse
    {
        $in = $request->validate([
            'role' => ['required', Rule::in(['owner', 'finisher', 'viewer'])],
            'active' => ['required', 'boolean'],
        ]);
        $staysOwner = $in['role'] === 'owner' && (bool) $in['active'];
        $others = User::query()->where('role', 'owner')->where('active', true)->whereKeyNot($person->id);
        if ($person->isOwner() && ! $staysOwner && $others->lockForUpdate()->doesntExist()) {
            throw ValidationException::withMessages([
                'role' => "{$person->name} is the only owner; make someone else an owner first.",
            ]);
        }
        $leaves = $person->active && ! (bool) $in['active'];
        $person->update($in);
        $leaves ? RevokeAccess::ofRetired($person, $this->person($request)) : null;

        return redirect('/people')->with('said', $leaves
            ? "{$person->name} is signed out everywhere; their devices and calendar feeds have no access any more."
            : 'Saved.');
    }

    /** A forgotten password: a code to read out, with which a new one is set once. */
    public function code(User $person): RedirectResponse
    {
        if (! $person->active) {
            throw ValidationException::withMessages(['code' => "{$person->name} may not sign in; allow that first."]);
        }
        $code = OneTimeCode::for($person);

        return redirect('/people')
            ->with('said', "{$person->name} is signed out everywhere and sets a new password with the code below.")
            ->with('code', ['name' => $person->name, 'code' => $code, 'hours' => OneTimeCode::HOURS]);
    }

    public function endSessions(Request $request, User $person): RedirectResponse
    {
        RevokeAccess::everywhere($person, $person->is($request->user()) ? $request->session()->getId() : null);

        return redirect('/people')
            ->with('said', "{$person->name} is signed out everywhere else, and their devices have no access.");
    }

    /** This very device becomes one that many hands use. */
    public function shareTablet(Request $request): RedirectResponse
    {
        $in = $request->validate(
            ['tablet' => ['required', 'string', 'max:60']],
            ['tablet.required' => 'Where it stands is empty; such as “at the ovens”.'],
        );
        $mark = Str::random(40);
        Tablet::query()->create([
            'name' => $in['tablet'],
            'mark' => Tablet::hash($mark),
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);
        Cookie::queue(Tablet::COOKIE, $mark, 60 * 24 * Tablet::COOKIE_DAYS);

        return redirect('/people')->with('said', "This is the tablet “{$in['tablet']}” now: sign out, and people sign "
            .'on at it with their PIN.');
    }

    public function withdrawTablet(Request $request, Tablet $tablet): RedirectResponse
    {
        $tablet->withdraw($this->person($request), ShopClock::now());

        return redirect('/people')->with('said', "Nobody signs on at “{$tablet->name}” any more.");
    }
}
