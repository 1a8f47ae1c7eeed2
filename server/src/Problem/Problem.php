<?php

declare(strict_types=1);

namespace YardCask\Server\Problem;

use Symfony\Component\HttpFoundation\Response;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Stage\Assessor;
use YardCask\Server\Settings;

/** A refusal that reaches the client as a problem document (RFC 9457). */
final class Problem extends \RuntimeException
{
    private const LONGEST_DETAIL = 600;

    /**
     * @param array<string, mixed> $members further members of the document
     * @param array<string, string> $headers of the answer
     */
    private function __construct(
        public readonly int $status,
        public readonly string $title,
        string $detail,
        private readonly array $members = [],
        public readonly array $headers = [],
    ) {
        parent::__construct(mb_strimwidth($detail, 0, self::LONGEST_DETAIL, '…'));
    }

    /** What the framework has refused. */
    public static function refused(int $status, string $detail): self
    {
        return new self($status, Response::$statusTexts[$status] ?? 'Refused', $detail);
    }

    public static function noText(): self
    {
        return new self(400, 'No text', 'The address or a header of this request holds bytes that are not UTF-8 text.');
    }

    public static function foreignPage(string $from): self
    {
        return new self(
            403,
            'From another site',
            \sprintf('A page from another site (%s) asked for this change. Only pages served from here may change plans.', $from),
        );
    }

    /** A 401 has to name a scheme, and none of the registered ones fits. */
    public static function nobody(): self
    {
        return new self(401, 'Not signed in', 'Sign in with the passphrase, or pair this device first.', headers: ['WWW-Authenticate' => 'Passphrase']);
    }

    public static function wrongPassphrase(): self
    {
        return new self(403, 'Wrong passphrase', 'That is not the passphrase.');
    }

    public static function wrongCode(): self
    {
        return new self(403, 'Wrong code', 'That code is wrong, has already been used, or is older than two minutes. Ask for a new one under “Devices”.');
    }

    public static function noSuchLink(): self
    {
        return new self(404, 'No such link', 'This link does not work, or no longer. Ask for a new one.');
    }

    public static function tooManyAttempts(int $waitS): self
    {
        $minutes = (int) ceil($waitS / 60);
        $detail = \sprintf('There were too many wrong attempts. Try again in %d min. Devices that are paired already are not affected.', $minutes);

        return new self(429, 'Too many attempts', $detail, headers: ['Retry-After' => (string) $waitS]);
    }

    public static function passphraseWanted(): self
    {
        $detail = 'Enter the passphrase again: it has to have been entered within the last 15 minutes.';

        return new self(403, 'Passphrase wanted', $detail, ['passphrase' => true]);
    }

    public static function onlyByLink(): self
    {
        return new self(403, 'Not with this link', 'This link is for one plan only, and this is not among what it allows.');
    }

    public static function notYours(): self
    {
        return new self(403, 'Not yours', 'With a link you can change only the notes that you wrote yourself.');
    }

    public static function signedInHere(): self
    {
        return new self(409, 'Not needed here', 'Nobody needs to sign in on this machine.');
    }

    public static function noSuchDevice(): self
    {
        return new self(404, 'No such device', 'There is no such device. It may have been removed already.');
    }

    public static function notOpen(): self
    {
        return new self(409, 'Not open', 'Other devices cannot reach this yet. Start it with:  ./yardcask start --open');
    }

    public static function upgrading(): self
    {
        return new self(503, 'Upgrading', 'The server is being upgraded. What you enter is kept in this browser and saved when that is done.');
    }

    public static function databaseAway(): self
    {
        return new self(503, 'Away', 'The database is busy, is starting or has stopped. Try again in a moment.');
    }

    public static function diskFull(): self
    {
        return new self(
            507,
            'Disk full',
            'The server’s disk is full, so nothing can be saved. Everything saved before is safe. Free some space, and saving continues.',
        );
    }

    public static function fault(): self
    {
        return new self(500, 'Fault', 'Something went wrong here, not with what was sent. The reason is in the server’s log.');
    }

    public static function tooLong(): self
    {
        return new self(500, 'Stopped', \sprintf('This took longer than %d s and was stopped.', Settings::requestTimeoutS()));
    }

    public static function noSuchPlan(string $id): self
    {
        return new self(404, 'No such plan', \sprintf('There is no plan “%s”. It may have been deleted.', $id));
    }

    public static function noSuchStage(string $stage): self
    {
        return new self(
            404,
            'No such stage',
            \sprintf(
                'There is no stage “%s”. The stages are %s.',
                $stage,
                implode(', ', array_map(static fn (Stage $one): string => $one->name(), Assessor::stages())),
            ),
        );
    }

    public static function noSuchRevision(int $number): self
    {
        return new self(404, 'No such revision', \sprintf('This plan has no revision %d.', $number));
    }

    public static function recordTaken(string $uuid): self
    {
        return new self(409, 'Another record', \sprintf('Another record has the UUID %s already. What was received is never changed.', $uuid));
    }

    public static function revisionNotNamed(): self
    {
        return new self(428, 'Revision not named', 'Send If-Match with the revision that this change is based on, for example If-Match: "3".');
    }

    /** @param array<string, mixed> $current the plan as it stands */
    public static function changedMeanwhile(int $based, int $revision, array $current): self
    {
        return new self(
            412,
            'Changed meanwhile',
            \sprintf('This change is based on revision %d, but the plan was saved again since and is now at revision %d.', $based, $revision),
            ['current' => $current],
        );
    }

    public static function tooLarge(int $limit): self
    {
        return new self(413, 'Too large', \sprintf('At most %d kB can be sent; a plan is about 10 kB.', intdiv($limit, 1024)));
    }

    /** @param string $what is to be sent */
    public static function notOfType(string $wanted, string $what, string $type): self
    {
        return new self(415, 'Not sent as '.$wanted, \sprintf('Send %s as Content-Type: %s, not “%s”.', $what, $wanted, $type));
    }

    public static function noSuchPhoto(): self
    {
        return new self(404, 'No such photograph', 'This plan has no such photograph.');
    }

    public static function unreadable(string $detail): self
    {
        return new self(400, 'Unreadable', $detail);
    }

    /** Everything that is wrong with an input, each at its place. */
    public static function invalid(InvalidInput $input): self
    {
        return new self(
            422,
            'Not valid',
            $input->errors[0]->message,
            ['violations' => $input->errors] + (0 === $input->more ? [] : ['more_violations' => $input->more]),
        );
    }

    /** @param list<string> $choices what may have been meant */
    public static function notUnderstood(string $pointer, string $message, array $choices): self
    {
        return new self(422, 'Not understood', $message, ['violations' => [['pointer' => $pointer, 'message' => $message, 'choices' => $choices]]]);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return ['type' => 'about:blank', 'title' => $this->title, 'status' => $this->status, 'detail' => $this->getMessage()] + $this->members;
    }
}
