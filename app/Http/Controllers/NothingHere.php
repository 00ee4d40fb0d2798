<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** An address of the API that is none (404), or is one for other methods (405, which names them). */
final readonly class NothingHere
{
    private const METHODS = ['GET', 'POST', 'PUT', 'DELETE'];

    public function __construct(private Router $router) {}

    public function __invoke(Request $request): never
    {
        $allowed = array_values(array_filter(self::METHODS, fn (string $method): bool => $this->isThereFor($request, $method)));
        throw $allowed === [] ? new NotFoundHttpException : new MethodNotAllowedHttpException($allowed);
    }

    private function isThereFor(Request $request, string $method): bool
    {
        try {
            return $this->router->getRoutes()->match(Request::create($request->getPathInfo(), $method))->getControllerClass() !== self::class;
        } catch (HttpException) {
            return false;
        }
    }
}
