<?php

declare(strict_types=1);

use Velko\Core\Pan\Conditions;
use Velko\Core\Pan\Simulation;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Pan;

/* The pan of tests/Reference/pan.c in PHP: nine doses over twenty minutes, mushrooms and a purée, then on until its floor has been bare for some minutes; so many times. Prints the end state and the seconds it took, as JSON. */

require dirname(__DIR__, 2).'/vendor/autoload.php';

$repeats = (int) ($argv[1] ?? 100);
$simulation = new Simulation(Variety::Carnaroli->grain(), Conditions::at(0, 24, new Pan(26, 28, 7, 900)), 320);

$cook = static function () use ($simulation): Velko\Core\Pan\State {
    $state = $simulation->start(100, true);
    $simulation->heat($state, 800);
    foreach (range(0, 8) as $dose) {
        $simulation->run($state, 110.0 * $dose);
        $simulation->pour($state, 125, 90);
        if ($dose === 2) {
            $simulation->add($state, 590.0, 5.0, 62.0, 5.0, 0.0, 0.0);
        }
        if ($dose === 6) {
            $simulation->add($state, 370.0, 5.0, 0.0, 0.0, 60.0, 0.0);
        }
    }
    $simulation->run($state, 3000);

    return $state;
};
for ($i = 0; $i < 50; $i++) {
    $cook(); // let the JIT see it
}
$from = hrtime(true);
for ($i = 0; $i < $repeats; $i++) {
    $state = $cook();
}
echo json_encode(['seconds' => (hrtime(true) - $from) / 1e9, 'free' => $state->free, 'drunk' => $state->drunk, 'doneness' => $state->doneness, 'brought' => $state->brought, 'dried' => $state->dried]), "\n";
