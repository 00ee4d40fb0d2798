// Makes resources/js/contracts.generated.ts from the schemas in this folder. With --check it only says whether it is up to date.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { compile } from 'json-schema-to-typescript';
import { format, resolveConfig } from 'prettier';

const here = dirname(fileURLToPath(import.meta.url));
const target = join(here, '../resources/js/contracts.generated.ts');
const names = readdirSync(here)
  .filter((name) => name.endsWith('.json'))
  .sort();

const everything = {
  title: 'Contracts',
  type: 'object',
  additionalProperties: false,
  required: names,
  properties: Object.fromEntries(names.map((name) => [name, { $ref: name }])),
};
const source = await compile(everything, 'Contracts', {
  cwd: here + '/',
  bannerComment: '/* Made from contracts/ by contracts/types.mjs. Do not edit; run `npm run types`. */',
  ignoreMinAndMaxItems: true,
  strictIndexSignatures: true,
});
const text = await format(source, { ...(await resolveConfig(target)), parser: 'typescript' });

if (process.argv.includes('--check')) {
  const now = readFileSync(target, 'utf8');
  if (now !== text) {
    console.error('resources/js/contracts.generated.ts is stale: run `npm run types`');
    process.exit(1);
  }
} else {
  writeFileSync(target, text);
}
