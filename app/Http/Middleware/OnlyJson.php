<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use Lira\PlainText;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/**
 * What is sent comes as JSON, or as a file where a file is wanted; in addresses everything is said once. Text has no signs in it
 * that no screen can show.
 */
final class OnlyJson
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $files = ''): Response
    {
        foreach ($request->query->all() as $name => $value) {
            if (is_array($value)) {
                throw InvalidDocument::at('/'.$name, "Give “{$name}” once, as one word.");
            }
            $this->checkText('/'.$name, is_string($value) ? $value : '');
        }
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        $type = strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]));
        $wanted = $files === 'files' ? $type === 'multipart/form-data' : $type === 'application/json';
        if (
            ! $wanted
            && ((int) $request->headers->get('Content-Length') > 0 || $request->getContent() !== '' || $request->request->count() > 0)
        ) {
            throw new UnsupportedMediaTypeHttpException;
        }
        if ($files === 'files') {
            $this->checkAll('', $request->request->all());
        } elseif ($wanted && self::mayHide($request->getContent())) {
            $this->checkAll('', $request->json()->all());
        }

        return $next($request);
    }

    /** Whether a sign that no screen can show may stand in JSON: all but one of them can only as an escape. */
    private static function mayHide(string $json): bool
    {
        return preg_match('/\x7F|\\\\[bfu]/', $json) === 1;
    }

    /** @param  array<mixed>  $values */
    private function checkAll(string $path, array $values): void
    {
        foreach ($values as $key => $value) {
            $here = $path.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key);
            if (is_array($value)) {
                $this->checkAll($here, $value);
            } elseif (is_string($value)) {
                $this->checkText($here, $value);
            }
        }
    }

    private function checkText(string $path, string $text): void
    {
        $problem = PlainText::problem($text, 'this', 0, PHP_INT_MAX);
        if ($problem !== null) {
            throw InvalidDocument::because([new Problem($path, $problem)]);
        }
    }
}
