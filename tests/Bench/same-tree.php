<?php

declare(strict_types=1);

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Stmt;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;

/*
 * Whether a change only renamed and moved. Compares the syntax trees of two commits: comments are dropped, classes, functions, methods, properties and
 * constants are mapped by a table, and local variables count by where they are bound, not by what they are called. Prints the files that differ.
 *
 *   php tests/Bench/same-tree.php OLD NEW TABLE.json
 *
 * The table has "classes" (old name with its namespace: new one), "members" (old: list of new ones; methods, properties, named arguments,
 * constants) and "files" (old path: new one, where no class tells it). Imports are not compared, names are: each is resolved first.
 */

require dirname(__DIR__, 2).'/vendor/autoload.php';

if ($argc < 4) {
    fwrite(STDERR, "php tests/Bench/same-tree.php OLD NEW TABLE.json\n");
    exit(2);
}
[, $old, $new, $table] = $argv;
$table = json_decode((string) file_get_contents($table), true, flags: JSON_THROW_ON_ERROR) + ['classes' => [], 'members' => [], 'files' => []];

/** Gives each local variable a number by where it is bound. */
final class Numbered
{
    private int $next = 0;

    /** @param  array<string, int>  $known Numbers by name. */
    public function walk(Node $node, array &$known): void
    {
        if ($node instanceof Expr\Variable && is_string($node->name) && $node->name !== 'this') {
            $known[$node->name] ??= $this->next++;
            $node->name = "v{$known[$node->name]}";

            return;
        }
        if ($node instanceof Node\FunctionLike) {
            $this->scope($node, $known);

            return;
        }
        if ($node instanceof Stmt\Foreach_) {
            $this->walk($node->expr, $known);
            $inside = $known;
            foreach ([$node->keyVar, $node->valueVar] as $variable) {
                if ($variable instanceof Expr\Variable && is_string($variable->name)) {
                    $inside[$variable->name] = $this->next++;
                }
                if ($variable !== null) {
                    $this->walk($variable, $inside);
                }
            }
            $bound = array_filter([$node->keyVar, $node->valueVar], static fn (?Node $variable): bool => $variable instanceof Expr\Variable);
            foreach ($node->stmts as $statement) {
                $this->walk($statement, $inside);
            }
            $known += $inside;

            return;
        }
        foreach ($node->getSubNodeNames() as $name) {
            foreach (is_array($node->$name) ? $node->$name : [$node->$name] as $child) {
                if ($child instanceof Node) {
                    $this->walk($child, $known);
                }
            }
        }
    }

    /** @param  array<string, int>  $known */
    private function scope(Node\FunctionLike $function, array $known): void
    {
        $inside = $function instanceof Expr\ArrowFunction ? $known : [];
        foreach ($function instanceof Expr\Closure ? $function->uses : [] as $use) {
            $inside[$use->var->name] = $known[$use->var->name] ?? -1;
            $use->var->name = "v{$inside[$use->var->name]}";
        }
        foreach ($function->getParams() as $parameter) {
            if ($parameter->var instanceof Expr\Variable && is_string($parameter->var->name)) {
                $inside[$parameter->var->name] = $this->next++;
                // A promoted parameter is a property: its name counts.
                $parameter->var->name = $parameter->flags !== 0 ? "p_{$parameter->var->name}" : "v{$inside[$parameter->var->name]}";
            }
            if ($parameter->default !== null) {
                $this->walk($parameter->default, $inside);
            }
        }
        if ($function instanceof Expr\ArrowFunction) {
            $this->walk($function->expr, $inside);

            return;
        }
        foreach ($function->getStmts() ?? [] as $statement) {
            $this->walk($statement, $inside);
        }
    }
}

$printed = static function (string $commit, string $file, array $map): string {
    $code = (string) shell_exec('git show '.escapeshellarg("$commit:$file"));
    $tree = (new ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? [];
    $visitor = new class($map) extends NodeVisitorAbstract
    {
        public function __construct(private readonly array $map) {}

        public function enterNode(Node $node): ?Node
        {
            $node->setAttribute('comments', []);
            if ($node instanceof Node\Name) {
                $name = $this->map['classes'][$node->toString()] ?? $node->toString();

                return $node instanceof Node\Name\FullyQualified ? new Node\Name\FullyQualified($name) : new Node\Name($name);
            }
            if ($node instanceof Stmt\ClassLike && $node->name !== null) {
                $name = ($node->namespacedName ?? $node->name)->toString();
                $node->name = new Node\Identifier(strtr($this->map['classes'][$name] ?? $name, '\\', '_'));
            }

            return null;
        }

        public function leaveNode(Node $node): ?int
        {
            return $node instanceof Stmt\Use_ ? NodeTraverser::REMOVE_NODE : null;
        }
    };
    $tree = (new NodeTraverser(new NameResolver, $visitor))->traverse($tree);
    $known = [];
    $numbered = new Numbered;
    foreach ($tree as $node) {
        $numbered->walk($node, $known);
    }

    return preg_replace('/^namespace [^;]*;/m', '', (new Standard)->prettyPrint($tree));
};
/** Whether two printed trees differ in nothing but names that the table has. */
$alike = static function (string $before, string $after) use ($table): bool {
    $tokens = static fn (string $code): array => array_values(array_filter(PhpToken::tokenize("<?php $code"), static fn (PhpToken $token): bool => ! $token->is(T_WHITESPACE)));
    [$before, $after] = [$tokens($before), $tokens($after)];
    if (count($before) !== count($after)) {
        return false;
    }
    foreach ($before as $i => $token) {
        [$was, $is] = [ltrim($token->text, '$'), ltrim($after[$i]->text, '$')];
        if ($was !== $is && ! in_array(preg_replace('/^p_/', '', $is), $table['members'][preg_replace('/^p_/', '', $was)] ?? [], true)) {
            return false;
        }
    }

    return true;
};
$php = static fn (string $commit): array => array_values(array_filter(
    explode("\n", (string) shell_exec('git ls-tree -r --name-only '.escapeshellarg($commit))),
    static fn (string $file): bool => str_ends_with($file, '.php') && ! str_starts_with($file, 'tests/Bench/'),
));
$roots = ['core/' => 'Velko/Core/', 'app/' => 'App/', 'tests/' => 'Tests/'];
$differ = 0;
$inNew = array_flip($php($new));
foreach ($php($old) as $file) {
    $class = strtr(preg_replace(['#^core/#', '#^app/#', '#^tests/#', '#\.php$#'], ['Velko/Core/', 'App/', 'Tests/', ''], $file), '/', '\\');
    $to = isset($table['classes'][$class])
        ? preg_replace(['#^Velko/Core/#', '#^App/#', '#^Tests/#'], ['core/', 'app/', 'tests/'], strtr($table['classes'][$class], '\\', '/')).'.php'
        : $table['files'][$file] ?? $file;
    if (! isset($inNew[$to])) {
        echo "$file: no $to\n";
        $differ++;

        continue;
    }
    $before = $printed($old, $file, $table);
    $after = $printed($new, $to, ['classes' => []]);
    if (! $alike($before, $after)) {
        $differ++;
        echo "$file → $to differs\n";
        if (getenv('SHOW') !== false) {
            file_put_contents('/tmp/same-tree.before', $before);
            file_put_contents('/tmp/same-tree.after', $after);
            echo shell_exec('diff /tmp/same-tree.before /tmp/same-tree.after | head -20');
        }
    }
}
printf("%d files, %d differ\n", count($php($old)), $differ);
exit($differ > 0 ? 1 : 0);
