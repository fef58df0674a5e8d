<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\InvitationDocument;
use App\Documents\KeepersDocument;
use App\Documents\MeDocument;
use App\Documents\SecretDocument;
use App\Http\PassCookie;
use App\Http\Scalar;
use App\Http\SeenFrom;
use App\Keeping\BrowserName;
use App\Keeping\KeepersBook;
use App\Keeping\Passes;
use App\Keeping\Present;
use App\Keeping\Purpose;
use App\Keeping\Role;
use App\Keeping\Secret;
use App\Keeping\SigningIn;
use App\Models\Keeper;
use App\Models\Pass;
use App\Presenting\KeepersPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Marrow\Core\Fields\Refused;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Who keeps the garden: the way in, and who is let in. */
final class KeeperController extends Controller
{
    public function __construct(private readonly Present $present, private readonly KeepersBook $book, private readonly KeepersPage $page) {}

    #[OA\Get(path: '/me', operationId: 'me', description: 'Asked by anyone; a stranger hears that everybody signs in here, and nothing else.', responses: [
        new OA\Response(response: 200, description: 'who asks', content: new OA\JsonContent(ref: MeDocument::class)),
    ])]
    public function me(): JsonResponse
    {
        return new JsonResponse($this->page->me());
    }

    #[OA\Post(path: '/sign-in', operationId: 'signIn', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'password'], properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'password', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'signed in', content: new OA\JsonContent(ref: MeDocument::class)),
    ])]
    public function signIn(Request $request, SigningIn $in): JsonResponse
    {
        $word = $in->try(Scalar::text($request, 'name'), self::secret($request, 'password'), self::browser($request), (string) $request->ip())
            ?? throw Refused::at('password', 'Name or password is another. Whoever owns the garden can make a link for a new password.');

        return $this->signedIn($word, $request);
    }

    #[OA\Post(path: '/sign-out', operationId: 'signOut', requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'signed out here', content: new OA\JsonContent(ref: MeDocument::class)),
    ])]
    public function signOut(Request $request): JsonResponse
    {
        $this->somebody();
        $this->present->pass === null || $this->book->end($this->present->pass);

        return (new JsonResponse(new MeDocument(true)))->withCookie(PassCookie::gone($request));
    }

    #[OA\Post(path: '/keepers/first', operationId: 'firstKeeper', description: 'Whoever is at this machine becomes the owner; from then on everybody signs in.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'password'], properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'password', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'signed in', content: new OA\JsonContent(ref: MeDocument::class)),
    ])]
    public function first(Request $request): JsonResponse
    {
        return $this->signedIn($this->book->first(Scalar::text($request, 'name'), self::secret($request, 'password'), self::browser($request)), $request);
    }

    #[OA\Post(path: '/join/look', operationId: 'lookAtLink', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['link'], properties: [new OA\Property(property: 'link', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'what the link leads to', content: new OA\JsonContent(ref: InvitationDocument::class)),
    ])]
    public function look(Request $request, Passes $passes): JsonResponse
    {
        $pass = $passes->find(Scalar::text($request, 'link'), Purpose::Invitation, Purpose::Password)
            ?? throw Refused::at('link', 'This link was used, has ended or was taken back. Ask for another.');

        return new JsonResponse(new InvitationDocument($pass->name, Role::from($pass->role)->label(), $pass->keeper_id === null));
    }

    #[OA\Post(path: '/join', operationId: 'join', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['link', 'password'], properties: [new OA\Property(property: 'link', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'password', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'signed in', content: new OA\JsonContent(ref: MeDocument::class)),
    ])]
    public function join(Request $request): JsonResponse
    {
        return $this->signedIn($this->book->join(Scalar::text($request, 'link'), Scalar::text($request, 'name'), self::secret($request, 'password'), self::browser($request)), $request);
    }

    #[OA\Get(path: '/keepers', operationId: 'keepers', responses: [
        new OA\Response(response: 200, description: 'who keeps the garden, and what lets them in', content: new OA\JsonContent(ref: KeepersDocument::class)),
    ])]
    public function index(SeenFrom $seen): JsonResponse
    {
        return new JsonResponse($this->page->all($seen->when()));
    }

    #[OA\Post(path: '/keepers/invite', operationId: 'inviteKeeper', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['role'], properties: [new OA\Property(property: 'role', type: 'string', enum: Role::class), new OA\Property(property: 'name', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'the word of the link', content: new OA\JsonContent(ref: SecretDocument::class)),
    ])]
    public function invite(Request $request): JsonResponse
    {
        $this->somebody();
        [, $word] = $this->book->invite(self::role($request), Scalar::text($request, 'name'));

        return new JsonResponse(new SecretDocument($word, 'Whoever has this link comes in by it, once, within seven days.'));
    }

    #[OA\Put(path: '/keepers/{id}', operationId: 'changeKeeper', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['role'], properties: [new OA\Property(property: 'role', type: 'string', enum: Role::class)])), responses: [
        new OA\Response(response: 200, description: 'as it is now', content: new OA\JsonContent(ref: KeepersDocument::class)),
    ])]
    public function change(string $id, Request $request, SeenFrom $seen): JsonResponse
    {
        $this->book->become($this->keeper($id), self::role($request));

        return $this->index($seen);
    }

    #[OA\Post(path: '/keepers/{id}/leave', operationId: 'keeperLeaves', description: 'Of oneself, or by the owner. What they recorded stays, with their name.', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'as it is now', content: new OA\JsonContent(ref: MeDocument::class)),
    ])]
    public function leave(string $id): JsonResponse
    {
        $this->book->leave($this->ownOrOwner($this->keeper($id)));

        return new JsonResponse($this->page->me());
    }

    #[OA\Post(path: '/keepers/{id}/sign-out', operationId: 'signOutEverywhere', description: 'Of oneself, or by the owner: out of every browser.', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'as it is now', content: new OA\JsonContent(ref: MeDocument::class)),
    ])]
    public function outEverywhere(string $id): JsonResponse
    {
        $this->book->out($this->ownOrOwner($this->keeper($id)));

        return new JsonResponse($this->page->me());
    }

    #[OA\Post(path: '/keepers/{id}/password-link', operationId: 'passwordLink', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'the word of the link', content: new OA\JsonContent(ref: SecretDocument::class)),
    ])]
    public function passwordLink(string $id): JsonResponse
    {
        return new JsonResponse(new SecretDocument($this->book->anew($this->keeper($id)), 'Whoever has this link chooses the password anew, once, within a day.'));
    }

    #[OA\Put(path: '/me/password', operationId: 'changePassword', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['old', 'password'], properties: [new OA\Property(property: 'old', type: 'string'), new OA\Property(property: 'password', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'changed; every other browser is out', content: new OA\JsonContent(ref: MeDocument::class)),
    ])]
    public function password(Request $request, SigningIn $in): JsonResponse
    {
        $keeper = $this->somebody();
        throw_if($in->try($keeper->name, self::secret($request, 'old'), self::browser($request), (string) $request->ip()) === null, Refused::at('old', 'That is not the password you have now.'));
        $this->book->choose($keeper, self::secret($request, 'password'));

        return $this->signedIn((string) $in->try($keeper->name, self::secret($request, 'password'), self::browser($request), (string) $request->ip()), $request);
    }

    #[OA\Post(path: '/passes/{id}/end', operationId: 'endPass', description: 'A browser or a token of one’s own, or an invitation.', parameters: [new OA\PathParameter(ref: '#/components/parameters/id')], requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object')), responses: [
        new OA\Response(response: 200, description: 'as it is now', content: new OA\JsonContent(ref: KeepersDocument::class)),
    ])]
    public function end(string $id, SeenFrom $seen): JsonResponse
    {
        $me = $this->somebody();
        $pass = Pass::query()->find(mb_strtolower($id));
        $isMine = $pass !== null && $pass->keeper_id === $me->id;
        if ($pass === null || ! ($isMine || $this->present->may(Role::Owner))) {
            throw new NotFoundHttpException('There is no such pass any more.');
        }
        $this->book->end($pass);

        return $this->index($seen);
    }

    #[OA\Post(path: '/tokens', operationId: 'makeToken', description: 'For a calendar, an instrument or a program; it is seen this once.', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['purpose', 'name'], properties: [new OA\Property(property: 'purpose', type: 'string'), new OA\Property(property: 'name', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'the word', content: new OA\JsonContent(ref: SecretDocument::class)),
    ])]
    public function token(Request $request): JsonResponse
    {
        $me = $this->somebody();
        $purpose = Purpose::tryFrom(Scalar::text($request, 'purpose'));
        throw_unless($purpose !== null && in_array($purpose, Purpose::TOKENS, true), Refused::at('purpose', 'Say what it is for.'));
        throw_unless($this->present->may($purpose->role()) && ($purpose !== Purpose::Readings || $this->present->may(Role::Helper)), Refused::at('purpose', 'It could do more than you may.'));
        $name = trim(Scalar::text($request, 'name'));
        throw_if($name === '' || mb_strlen($name) > 60, Refused::at('name', 'Call it something, so that you know it again: up to 60 letters.'));

        return new JsonResponse(new SecretDocument($this->book->token($purpose, $name, $me), 'Copy it now: it is seen this once.'));
    }

    private function signedIn(string $word, Request $request): JsonResponse
    {
        $pass = app(Passes::class)->find($word, Purpose::Pages);
        $this->present->pass = $pass;
        $this->present->keeper = $pass === null ? null : Keeper::query()->find($pass->keeper_id);

        return (new JsonResponse($this->page->me()))->withCookie(PassCookie::of($word, $request));
    }

    private function somebody(): Keeper
    {
        return $this->present->keeper ?? throw new HttpException(409, 'Nobody signs in to this garden yet. Make yourself its owner first.');
    }

    private function keeper(string $id): Keeper
    {
        return Keeper::query()->where('role', '!=', '')->find(mb_strtolower($id)) ?? throw new NotFoundHttpException('Nobody of that number keeps this garden.');
    }

    private function ownOrOwner(Keeper $keeper): Keeper
    {
        return $keeper->id === $this->somebody()->id || $this->present->may(Role::Owner) ? $keeper : throw new HttpException(403, Role::Owner->wanted());
    }

    private static function role(Request $request): Role
    {
        return Role::tryFrom(Scalar::text($request, 'role')) ?? throw Refused::at('role', 'Say as what: reader, helper, keeper or owner.');
    }

    /** Every letter of it counts, blanks at its ends too. */
    private static function secret(Request $request, string $key): string
    {
        $typed = $request->input($key);

        return is_string($typed) ? mb_substr($typed, 0, Secret::LONGEST + 1) : '';
    }

    private static function browser(Request $request): string
    {
        return BrowserName::of((string) $request->userAgent());
    }
}
