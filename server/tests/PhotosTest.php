<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use PHPUnit\Framework\Attributes\DataProvider;

/** Photographs: drawn anew, so that nothing but the picture is kept. */
final class PhotosTest extends ApiTestCase
{
    private const UUID = '00000000-0000-4000-8000-00000000000a';

    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = '/api/plans/'.$this->send('POST', '/api/plans/import', self::fellside())->id.'/photos/'.self::UUID;
    }

    public function testIsKeptOnceAndServedAsAnImageOnly(): void
    {
        $this->put(self::jpeg(640, 480));
        $this->assertStatus(201);
        $this->put(self::jpeg(640, 480));
        $this->assertStatus(200);
        $this->put(self::jpeg(640, 481));
        $this->assertProblem(409, 'never changed');
        $image = $this->get();
        self::assertSame([640, 480, \IMAGETYPE_JPEG], \array_slice((array) getimagesizefromstring($image), 0, 3));
        $headers = $this->browser->getResponse()->headers;
        self::assertSame(['image/jpeg', 'nosniff'], [$headers->get('Content-Type'), $headers->get('X-Content-Type-Options')]);
        $other = $this->send('POST', '/api/plans/import', self::fellside())->id;
        $this->send('GET', '/api/plans/'.$other.'/photos/'.self::UUID);
        $this->assertProblem(404, 'no such photograph');
    }

    /** @return iterable<string, array{string, string}> what is hidden in a file that is a photograph too, and a part of it */
    public static function hidden(): iterable
    {
        $jpeg = self::jpeg(64, 48);
        yield 'where it was taken' => [substr($jpeg, 0, 2)."\xFF\xE1\x00\x1AExif\0\0GPSLatitude 54.4".substr($jpeg, 2), 'GPSLatitude'];
        yield 'a page behind it' => [$jpeg.'<script>alert(1)</script>', '<script>'];
        yield 'a program in a comment' => [substr($jpeg, 0, 2)."\xFF\xFE\x00\x11<?php system(1);".substr($jpeg, 2), '<?php'];
    }

    #[DataProvider('hidden')]
    public function testWhatIsHiddenInItIsGone(string $sent, string $part): void
    {
        self::assertStringContainsString($part, $sent);
        $this->put($sent);
        $this->assertStatus(201);
        self::assertStringNotContainsString($part, $this->get());
    }

    /** @return iterable<string, array{string, string}> what is sent, and a part of the reason */
    public static function refused(): iterable
    {
        $jpeg = self::jpeg(64, 48);
        yield 'nothing' => ['', 'not a JPEG'];
        yield 'a page' => ['<html><body>hello</body></html>', 'not a JPEG'];
        yield 'another format' => [self::png(), 'not a JPEG'];
        yield 'too long' => [self::jpeg(2001, 10), '2001 × 10'];
        // Its head promises 30,000 × 30,000 pixels, 3.6 GB, in a few bytes.
        yield 'one that fills the memory' => ["\xFF\xD8\xFF\xC0\x00\x11\x08\x75\x30\x75\x30\x03\x01\x22\x00\x02\x11\x01\x03\x11\x01\xFF\xD9", '30000 × 30000'];
        yield 'only its head' => [substr($jpeg, 0, 200), 'JPEG'];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoSuchPhotographIsRefused(string $sent, string $part): void
    {
        $this->put($sent);
        $this->assertProblem(422, $part);
        $this->send('GET', $this->path);
        $this->assertProblem(404, 'no such photograph');
    }

    public function testAPlanHoldsSoMuchAndNoMore(): void
    {
        $insert = 'INSERT INTO photo (uuid, plan_id, digest, width, height, bytes, jpeg, received_at) VALUES (?, ?, ?, 1, 1, 59999000, ?, NOW())';
        $database = self::getContainer()->get('doctrine')->getConnection();
        $database->executeStatement($insert, ['00000000-0000-4000-8000-00000000000b', explode('/', $this->path)[3], str_repeat('0', 64), 'x']);
        $this->put(self::jpeg(640, 480));
        $this->assertProblem(422, '60 MB');
    }

    private function put(string $bytes): void
    {
        $this->browser->request('PUT', $this->path, [], [], ['CONTENT_TYPE' => 'image/jpeg'], $bytes);
    }

    private function get(): string
    {
        $this->send('GET', $this->path);
        $this->assertStatus(200);

        return (string) $this->browser->getResponse()->getContent();
    }

    private static function jpeg(int $width, int $height): string
    {
        return self::drawn($width, $height, static fn (\GdImage $image): bool => imagejpeg($image, null, 90));
    }

    private static function png(): string
    {
        return self::drawn(8, 8, static fn (\GdImage $image): bool => imagepng($image));
    }

    /** @param \Closure(\GdImage): bool $write */
    private static function drawn(int $width, int $height, \Closure $write): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        self::assertInstanceOf(\GdImage::class, $image);
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, 0x2244AA);
        ob_start();
        $write($image);

        return (string) ob_get_clean();
    }
}
